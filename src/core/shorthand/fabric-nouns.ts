import { anyOf } from './amounts';

/** What fabrics are called. A name that ends in one of these is a fabric's. */
export const FABRIC_NOUNS: readonly string[] =
  'cotton, linen, lawn, poplin, double gauze, gauze, jersey, denim, wool, silk, viscose, rayon, crepe, twill, corduroy, needlecord, cord, flannel, seersucker, chambray, gabardine, knit, ponte, rib, ribbing, velvet, velveteen, satin, sateen, canvas, tweed, fleece, interlock, voile, sweatshirting, french terry, boucle, jacquard, tencel, lyocell, cupro, organza, lace, mesh, batiste, challis, ticking, drill, merino, cashmere, bamboo, hemp, broderie, broderie anglaise, brocade, taffeta, chiffon, georgette, melton, suiting, shirting, lycra, scuba, towelling, terry, barathea, muslin, calico, crinkle, modal, ottoman, coating, softshell, oilcloth, waxed cotton, faux fur, fur, leather, faux leather, suede, felt, percale, cheesecloth, dobby, duchesse, damask, habotai, charmeuse, swiss dot, cloque, stretch denim, twill cotton, lining fabric, cotton lycra, bed linen, sheet, duvet cover, tablecloth, fabric, remnant, blanket, sari, ikat, batik, chenille, moleskin, sherpa, minky, piqu\u00e9, pique, tulle, tricot, power mesh, swim lycra, polyester, nylon, acetate, acrylic, ramie, alpaca, mohair, angora, cambric, nainsook, dimity, herringbone, plaid, tartan, gingham, check, houndstooth, madras, stripe, oxford, gab, dupion, dupioni, shantung, neoprene, eyelet, hopsack, plisse, marl, crepe de chine, bemberg'.split(
    ', ',
  );

/** The same as an expression. */
export const FABRIC_NOUN = anyOf(FABRIC_NOUNS);

/** Colours that stand before what a fabric is called. */
export const FABRIC_COLOUR =
  '(?:white|cream|ivory|black|grey|gray|silver|red|pink|rose|orange|coral|rust|yellow|mustard|gold|green|olive|sage|teal|blue|navy|turquoise|purple|lilac|plum|brown|tan|camel|beige)';
