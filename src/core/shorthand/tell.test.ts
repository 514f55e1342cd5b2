import fc from 'fast-check';
import { demoLedger } from '../../../demo/ledger';
import { readMake, readMakes } from './draft-from-line';
import { writtenDay } from '../make/its-day';
import { lineContextOf } from './line-context';
import { readLine } from './read-line';
import { lineOf, splitTelling } from './tell';
import { isToldOut } from './telling-lists';

const LEDGER = demoLedger();
const USUAL = { unit: 'cm', currency: 'EUR', today: '2026-11-25' } as const;
const CONTEXT = lineContextOf(LEDGER, USUAL);
const told = (text: string) => splitTelling(text, CONTEXT).map((t) => t.text);

describe('a telling is split into makes', () => {
  test.each<[string, string, string[]]>([
    [
      'what is washed and which patterns are bought stand by themselves',
      'Gangway trousers 42 in olive twill. Prewashed the sand washed linen. Bought the Lapwing trousers pattern for 12 euros. The Foreshore tee shrank in the wash.',
      [
        'Gangway trousers 42 in olive twill.',
        'Prewashed the sand washed linen.',
        'Bought the Lapwing trousers pattern for 12 euros.',
        'The Foreshore tee shrank in the wash.',
      ],
    ],
    [
      'the pattern it is sewn from is part of a make',
      'Curlew skirt 40. Bought the pattern last year.',
      ['Curlew skirt 40. Bought the pattern last year.'],
    ],
    [
      'days in figures, and behind a dash',
      '12/11 Tidewater shirt C, white lawn\n20/11 bought 3 m rust corduroy 150 wide\n22 Nov - 2h on the Fogbell coat\n24 Nov - Grebe skirt 42',
      [
        '12/11 Tidewater shirt C, white lawn',
        '20/11 bought 3 m rust corduroy 150 wide',
        '22 Nov - 2h on the Fogbell coat',
        '24 Nov - Grebe skirt 42',
      ],
    ],
    [
      'the days of a diary',
      'Cut out a Tidewater shirt in C. Monday: 2h on the Fogbell coat, sleeves in. Tuesday: bought 3 m of grey linen at 19/m. Friday: finished the Fogbell coat!',
      [
        'Cut out a Tidewater shirt in C.',
        'Monday: 2h on the Fogbell coat, sleeves in.',
        'Tuesday: bought 3 m of grey linen at 19/m.',
        'Friday: finished the Fogbell coat!',
      ],
    ],
    ['blank lines', 'Tidewater shirt C, love 4\n\nGangway trousers 40', ['Tidewater shirt C, love 4', 'Gangway trousers 40']],
    ['a line each', 'Tidewater shirt C\nGangway trousers 40\nEbb cape M', ['Tidewater shirt C', 'Gangway trousers 40', 'Ebb cape M']],
    [
      'what names no pattern goes with the make before',
      'Tidewater shirt C.\nArmholes tight. Love it.\nGangway trousers 40',
      ['Tidewater shirt C.\nArmholes tight. Love it.', 'Gangway trousers 40'],
    ],
    [
      'what was worn beside it',
      'Made the Plover dress in 14, tight at the waist.\n\nWore the Tidewater shirt yesterday to work. The collar rides up.\n\nGangway trousers 40',
      ['Made the Plover dress in 14, tight at the waist.', 'Wore the Tidewater shirt yesterday to work. The collar rides up.', 'Gangway trousers 40'],
    ],
    [
      'as one speaks of an evening',
      'Okay so tonight I want to log a few things. First the Sandling blouse in a 14, white voile. I love it. Then there’s the Teasel skirt, size 40. The third one is another Sandling blouse, this time in rust linen. Next I want to make the Heron dress.',
      [
        'Okay so tonight I want to log a few things. First the Sandling blouse in a 14, white voile. I love it.',
        'Then there’s the Teasel skirt, size 40.',
        'The third one is another Sandling blouse, this time in rust linen.',
        'Next I want to make the Heron dress.',
      ],
    ],
    [
      'what has no name but what it is, in lines of its own',
      'Sorrel dress 14.\nA pair of pyjamas for my son, age 8.\nAn apron for Mum, linen.\nLeggings size 12, black lycra.\nShirt for Tom, L\nSleeves long.\na nightie',
      [
        'Sorrel dress 14.',
        'A pair of pyjamas for my son, age 8.',
        'An apron for Mum, linen.',
        'Leggings size 12, black lycra.',
        'Shirt for Tom, L\nSleeves long.',
        'a nightie',
      ],
    ],
    [
      'what has no name but what it is, in sentences',
      'I made a Sorrel dress in a 14, and a lovely skirt too. Before that a pair of linen trousers, size 12. And a skirt, no pattern. Last year I made my husband a shirt.',
      [
        'I made a Sorrel dress in a 14',
        'and a lovely skirt too.',
        'Before that a pair of linen trousers, size 12.',
        'And a skirt, no pattern.',
        'Last year I made my husband a shirt.',
      ],
    ],
    [
      'what it has, could be or goes with is no make',
      'Wren dress 12 with a hood and a belt.\nA belt in the same fabric. A skirt with pockets would be better. Enough left for a skirt and a top. A cross between a shirt and a dress. Wear it with jeans, a vest and a jacket.\nA dream to sew.\nShirt collar sits badly',
      [
        'Wren dress 12 with a hood and a belt.\nA belt in the same fabric. A skirt with pockets would be better. Enough left for a skirt and a top. A cross between a shirt and a dress. Wear it with jeans, a vest and a jacket.\nA dream to sew.\nShirt collar sits badly',
      ],
    ],
    [
      'one more, and what the first in the text is',
      'Dress for my sister’s wedding, size 12. Worn once.\nJumpsuit (black ponte, size 14). Straps slip.\nCardigan from the Teal pattern, M. Sleeves too long. Made again in L for Jo.',
      [
        'Dress for my sister’s wedding, size 12. Worn once.',
        'Jumpsuit (black ponte, size 14). Straps slip.',
        'Cardigan from the Teal pattern, M. Sleeves too long.',
        'Made again in L for Jo.',
      ],
    ],
    [
      'the first, the second and the third',
      'I’ve sewn three Linnet dresses now. The first in cotton was too tight. For the second I went up a size. The third I did on the 14 and that was spot on.\nRowan bralette 34. Band too loose. Second attempt better. Third in microfibre.',
      [
        'I’ve sewn three Linnet dresses now. The first in cotton was too tight.',
        'For the second I went up a size.',
        'The third I did on the 14 and that was spot on.',
        'Rowan bralette 34. Band too loose.',
        'Second attempt better.',
        'Third in microfibre.',
      ],
    ],
    [
      'but none for what is said of the next time',
      'Curlew skirt 44, hem still to do, next time lengthen by 3 cm. For the next one I would size up.',
      ['Curlew skirt 44, hem still to do, next time lengthen by 3 cm. For the next one I would size up.'],
    ],
    [
      'headings between, and days with a short month',
      'Completed projects 2025:\n* Juniper shirt - 10\n* Curlew skirt - 12\n\nWIPs:\n* Quilt for Ben\n15 jan. Heron coat, size 14\n22 jan. Heron coat, size 16',
      ['Juniper shirt - 10', 'Curlew skirt - 12', 'Quilt for Ben', '15 jan. Heron coat, size 14', '22 jan. Heron coat, size 16'],
    ],
    [
      'two that are known, made in one breath, and what goes with what',
      'Made the Tidewater shirt in C and the Gangway trousers in 40. Tidewater shirt B, to wear with the Skerry concert jacket and the Gangway trousers.',
      [
        'Made the Tidewater shirt in C',
        'the Gangway trousers in 40.',
        'Tidewater shirt B, to wear with the Skerry concert jacket and the Gangway trousers.',
      ],
    ],
    [
      'months before each',
      'Sept: Merle top - M - viscose\nOct: Merle top - S - viscose - perfect\nNov - a quilt top\nDec: swimsuit, size M',
      ['Sept: Merle top - M - viscose', 'Oct: Merle top - S - viscose - perfect', 'Nov - a quilt top', 'Dec: swimsuit, size M'],
    ],
    [
      'so many of each, what was tried first, and what stands over all of it',
      'Summer makes 2025\n2 x Reed tee (S), 1 x Reed tee dress (S)\nTried the free Plover tank. Printed wrong. Second one in L is good. Third for my mum.',
      ['2 x Reed tee (S)', '1 x Reed tee dress (S)', 'Tried the free Plover tank. Printed wrong.', 'Second one in L is good.', 'Third for my mum.'],
    ],
    [
      'forms with a blank line between, sizes at places among them',
      'Pattern: Lark blouse\nSize: 38\n\nPattern: Lark blouse\nSize: 38 bust, 40 hip\nFabric: navy crepe',
      ['Pattern: Lark blouse\nSize: 38', 'Pattern: Lark blouse\nSize: 38 bust, 40 hip\nFabric: navy crepe'],
    ],
    [
      'several in one breath',
      'Started with a Sorrel dress (size 12, tight at the bust), then a Heron coat in wool. A tank top from leftovers (S, perfect) and a pair of shorts, size 12, waist too loose by 3 cm. A shirt for Tom and a dress for Ella.',
      [
        'Started with a Sorrel dress (size 12, tight at the bust)',
        'then a Heron coat in wool.',
        'A tank top from leftovers (S, perfect)',
        'a pair of shorts, size 12, waist too loose by 3 cm.',
        'A shirt for Tom',
        'a dress for Ella.',
      ],
    ],
    [
      'garments of a list, and what is noted of them',
      '- skirt\n- shirt for Tom\n- Sorrel dress\n- trousers, size 12\n- skirt too long',
      ['skirt', 'shirt for Tom', 'Sorrel dress', 'trousers, size 12\n- skirt too long'],
    ],
    ['things of a list', '- Pintail pyjamas S\n- 2 aprons, linen\n- a tote bag', ['Pintail pyjamas S', '2 aprons, linen', 'a tote bag']],
    [
      'dates before a name',
      '12 Nov - Wren bra 34D, band too loose\n15 Nov - Wren bra 32DD, better!\n20/11 Oxbow trousers 12',
      ['12 Nov - Wren bra 34D, band too loose', '15 Nov - Wren bra 32DD, better!', '20/11 Oxbow trousers 12'],
    ],
    [
      'what was bought besides',
      'Tidewater shirt C. Love it.\n\nBought 3 m of navy linen for the Slackwater dress.\n\nBought 50 cm of ribbing for it',
      ['Tidewater shirt C. Love it.', 'Bought 3 m of navy linen for the Slackwater dress.\n\nBought 50 cm of ribbing for it'],
    ],
    [
      'what was bought and made up',
      'Bought 2 m of navy linen at the market. Made the Tidewater shirt in it, size C.',
      ['Bought 2 m of navy linen at the market. Made the Tidewater shirt in it, size C.'],
    ],
    [
      'what was bought for it stays with it',
      'Tidewater shirt C. Bought 2 m of navy linen for it. Wore it twice.',
      ['Tidewater shirt C. Bought 2 m of navy linen for it. Wore it twice.'],
    ],
    [
      'a sentence with another pattern',
      'Tidewater shirt in C. Love it. Gangway trousers in 40, too long.',
      ['Tidewater shirt in C. Love it.', 'Gangway trousers in 40, too long.'],
    ],
    [
      'dictated, with nothing between',
      'so i made the tidewater shirt in c and the sleeves are too long then i made the gangway trousers in 40 and after that i sewed a curlew skirt in 42',
      [
        'so i made the tidewater shirt in c and the sleeves are too long',
        'then i made the gangway trousers in 40',
        'and after that i sewed a curlew skirt in 42',
      ],
    ],
    [
      'the same pattern again',
      'Foreshore tee M, tight. Then I made the Foreshore tee again in L.',
      ['Foreshore tee M, tight.', 'Then I made the Foreshore tee again in L.'],
    ],
    [
      'a sentence about the same make',
      'Foreshore tee M. The Foreshore tee is lovely at the neck.',
      ['Foreshore tee M. The Foreshore tee is lovely at the neck.'],
    ],
    [
      'another pattern beside',
      'Slackwater dress 38 with the sleeves of the Tidewater shirt. Love it.',
      ['Slackwater dress 38 with the sleeves of the Tidewater shirt. Love it.'],
    ],
    [
      'names further on in their lines',
      'Ebb cape M, love 4\nMade some dungarees from the Tern pattern in size M\nUK 16 Whimbrel jacket\nLast winter I made the Harrow coat in a size 14\nwore it with the Curlew skirt',
      [
        'Ebb cape M, love 4',
        'Made some dungarees from the Tern pattern in size M',
        'UK 16 Whimbrel jacket',
        'Last winter I made the Harrow coat in a size 14\nwore it with the Curlew skirt',
      ],
    ],
    ['a list', '- Tidewater shirt C\n- Gangway trousers 40\n', ['Tidewater shirt C', 'Gangway trousers 40']],
    ['a list with numbers', '1. Tidewater shirt C\n2. Gangway trousers 40', ['Tidewater shirt C', 'Gangway trousers 40']],
    [
      'next is',
      'Tidewater shirt C, 1.5 m of white lawn, next is the Nocturne skirt in 40',
      ['Tidewater shirt C, 1.5 m of white lawn', 'next is the Nocturne skirt in 40'],
    ],
    [
      'the dress is lovely',
      'Saltmarsh dress 38. The dress is lovely. Trousers would be nice.',
      ['Saltmarsh dress 38. The dress is lovely. Trousers would be nice.'],
    ],
    ['words before the first', 'Notes of March\n\nTidewater shirt C', ['Notes of March\n\nTidewater shirt C']],
    [
      'one more of the same, by no name',
      'In March I made the Curlew jeans in 40, stiff denim. They gape at the waistband. In May I made a second pair in 38, tight on the thighs. Love them.',
      [
        'In March I made the Curlew jeans in 40, stiff denim. They gape at the waistband.',
        'In May I made a second pair in 38, tight on the thighs. Love them.',
      ],
    ],
    [
      'what is begun, and what comes to mind at the end',
      'Dunlin shorts M, love 4. I started a Heron coat in October. I also made two Shag smocks in S. Oh and the Smew top, a disaster.',
      ['Dunlin shorts M, love 4.', 'I started a Heron coat in October.', 'I also made two Shag smocks in S.', 'Oh and the Smew top, a disaster.'],
    ],
    [
      'a list by how far things are',
      'Finished: Ternlet cardigan M\nWIP: Fulmar vest 40, lining to do\nPlanned: Gannet jeans, by Christmas\nBought: 2 m rust corduroy\nMy waist is 75 now',
      [
        'Finished: Ternlet cardigan M',
        'WIP: Fulmar vest 40, lining to do',
        'Planned: Gannet jeans, by Christmas',
        'Bought: 2 m rust corduroy',
        'My waist is 75 now',
      ],
    ],
    [
      'what is listed behind a colon',
      'Made for the grandkids this year: Puffle dress age 4 for Runa, Sandpiper shorts age 6 for Tom, and a Puffle dress age 2 for Mia.',
      ['Made for the grandkids this year: Puffle dress age 4 for Runa', 'Sandpiper shorts age 6 for Tom', 'and a Puffle dress age 2 for Mia.'],
    ],
    [
      'days of a week, one going on from the other, and what failed',
      'Log\n- Sat: Gull top M done. Neckline too wide\n- Sun: started Heron dress 12\n- Mon: Heron dress, bodice done 1.5h\n\nFails: the Ruff blouse (too tight across the back)',
      [
        'Sat: Gull top M done. Neckline too wide',
        'Sun: started Heron dress 12\n- Mon: Heron dress, bodice done 1.5h',
        'Fails: the Ruff blouse (too tight across the back)',
      ],
    ],
    [
      'what comes behind a wish is none of it',
      'WIP: Tern jacket, lining left\n\nNext: Curlew skirt in the green wool\nTo do: buttons on the Tern jacket\nBought 3 m of green wool',
      ['WIP: Tern jacket, lining left', 'Next: Curlew skirt in the green wool', 'To do: buttons on the Tern jacket', 'Bought 3 m of green wool'],
    ],
    [
      'things by what they are, and parts of others',
      'Eider robe L. Sleeves too long.\nApron, from an old sheet\n20 April - pyjamas for Runa\nWren dress 12\nskirt, 2 cm too long',
      ['Eider robe L. Sleeves too long.', 'Apron, from an old sheet', '20 April - pyjamas for Runa', 'Wren dress 12\nskirt, 2 cm too long'],
    ],
    [
      'for whom each is',
      'For my niece Runa (she’s 6) I made a Puffle dress in age 6. For my husband Jory a Tern shirt in L, the collar is tight. For me: Heron coat, size 16.',
      [
        'For my niece Runa (she’s 6) I made a Puffle dress in age 6.',
        'For my husband Jory a Tern shirt in L, the collar is tight.',
        'For me: Heron coat, size 16.',
      ],
    ],
    [
      'several of a kind, each with its own',
      'I made three Kittiwake tops. The first in S was too tight, the second one in M was perfect, and the third is in a linen knit.',
      ['I made three Kittiwake tops. The first in S was too tight', 'the second one in M was perfect', 'and the third is in a linen knit.'],
    ],
    [
      'first things, second things',
      'First thing: Skua jacket in 42. Second thing: Plover jumpsuit 38.',
      ['First thing: Skua jacket in 42.', 'Second thing: Plover jumpsuit 38.'],
    ],
    [
      'what tells something else takes nothing of what stands before it',
      'This week: finished the Fogbell coat. Cut the Tidewater shirt from the white lawn. Ordered 2.5 m of navy drill.\nIn November: two Tideline totes, oilskin. Also patched the elbow of the Bollard overshirt.',
      [
        'This week: finished the Fogbell coat.',
        'Cut the Tidewater shirt from the white lawn.',
        'Ordered 2.5 m of navy drill.',
        'In November: two Tideline totes, oilskin.',
        'Also patched the elbow of the Bollard overshirt.',
      ],
    ],
    [
      'made for somebody',
      'The Puffin pinafore is too short. Made her a Sandpiper shorts in 7. Made Anselm a second Bollard overshirt, L.',
      ['The Puffin pinafore is too short.', 'Made her a Sandpiper shorts in 7.', 'Made Anselm a second Bollard overshirt, L.'],
    ],
    [
      'several in a row, and what is worn with them',
      'Gift sewing 2025: 4 Tideline totes, a Foreshore tee in M for Runa, and two Wren dresses (12 and 14). Gangway trousers 40, worn with boots, a Tidewater shirt and a belt.',
      [
        'Gift sewing 2025: 4 Tideline totes',
        'a Foreshore tee in M for Runa',
        'and two Wren dresses (12 and 14).',
        'Gangway trousers 40, worn with boots, a Tidewater shirt and a belt.',
      ],
    ],
    [
      'days before each in a row',
      '10/11 Curlew jeans, 40. 12/11 Curlew jeans again, 42.',
      ['10/11 Curlew jeans, 40.', '12/11 Curlew jeans again, 42.'],
    ],
    [
      'an evening of many things',
      'Tonight I sewed for three hours: set the sleeves into the Fogbell coat, then cut out a Tidewater shirt in C. Also unpicked the waistband of the Gangway trousers.',
      [
        'Tonight I sewed for three hours: set the sleeves into the Fogbell coat',
        'then cut out a Tidewater shirt in C.',
        'Also unpicked the waistband of the Gangway trousers.',
      ],
    ],
    [
      'a toile in a diary, and what was altered after it',
      '14/3 traced Godwit dress, size 14\n15/3 toile: too long in the waist by 2cm\n16/3 altered: shortened bodice 2cm\n20/3 cut out in navy crepe\n28/3 finished.',
      [
        '14/3 traced Godwit dress, size 14\n15/3 toile: too long in the waist by 2cm',
        '16/3 altered: shortened bodice 2cm\n20/3 cut out in navy crepe\n28/3 finished.',
      ],
    ],
    [
      'what is in hand, and what the children got',
      "I made the Avocet dress in a 14. I'm halfway through a Redshank jacket. The kids got pyjamas in flannel.",
      ['I made the Avocet dress in a 14.', "I'm halfway through a Redshank jacket.", 'The kids got pyjamas in flannel.'],
    ],
    [
      'so many of each behind a colon',
      'This winter: 3 pairs of Wigeon shorts (S, M), 1 Knot cardi (M), 2 Siskin tees in navy',
      ['This winter: 3 pairs of Wigeon shorts (S, M)', '1 Knot cardi (M)', '2 Siskin tees in navy'],
    ],
    [
      'below a heading in the same line',
      "This year's sewing so far. In January I made the Plover shirt in 12.",
      ['In January I made the Plover shirt in 12.'],
    ],
    [
      'how far several have come, in one sentence',
      "I've got three UFOs. The Redshank jacket is cut out but not started, the Dunlin coat just needs its lining, and the Ruff jacket I've given up on.",
      [
        "I've got three UFOs. The Redshank jacket is cut out but not started",
        'the Dunlin coat just needs its lining',
        "the Ruff jacket I've given up on.",
      ],
    ],
    [
      'what became of garments that nobody has told of, and what was made',
      'Gave the Ruff jacket to a charity shop. Wore the Godwit dress to a wedding. Cut out two Siskin tees in size M.',
      ['Gave the Ruff jacket to a charity shop.', 'Wore the Godwit dress to a wedding.', 'Cut out two Siskin tees in size M.'],
    ],
    [
      'what comes to mind while it is dictated',
      'okay so i finished the marlin dress in a ten um what else oh yeah the smock top that i made last week has shrunk',
      ['okay so i finished the marlin dress in a ten', 'oh yeah the smock top that i made last week has shrunk'],
    ],
    [
      'a year in sentences',
      'In January I made the Plover shirt in 12. In March my daughter wanted a party dress so I made her the Wren dress in 8. April was trousers month: Heron trousers size 14.',
      [
        'In January I made the Plover shirt in 12.',
        'In March my daughter wanted a party dress so I made her the Wren dress in 8. April was trousers month:',
        'Heron trousers size 14.',
      ],
    ],
    [
      'what was done below to a garment that was sewn before, in a paragraph of its own',
      'Finished the Redshank jacket in 14. Sleeves 4 cm too long.\n\nAlso hemmed the Dunlin coat, finally. That one took about 22 hours.',
      ['Finished the Redshank jacket in 14. Sleeves 4 cm too long.', 'Also hemmed the Dunlin coat, finally. That one took about 22 hours.'],
    ],
    [
      'what is done to the one that is told of',
      'Tern skirt in 12.\nHemmed the Tern skirt by hand.',
      ['Tern skirt in 12.\nHemmed the Tern skirt by hand.'],
    ],
    [
      'an item of a numbered list without a name of its own',
      '1. Tern skirt - brown cord, 12\n2. Knot cardi - M, love it!!\n3. pyjamas x2 for the boys, brushed cotton',
      ['Tern skirt - brown cord, 12', 'Knot cardi - M, love it!!', 'pyjamas x2 for the boys, brushed cotton'],
    ],
    [
      'a table with what it is before its pattern',
      'Makes 2026\nGarment | Pattern | Size\nBlouse | Egret | 10\nTrousers | Heron | 14',
      ['Blouse | Egret | 10', 'Trousers | Heron | 14'],
    ],
    [
      'a toile, the next one and the garment itself',
      'Reed trousers toile: 14, hips tight. Second toile: 16 at the hip, good. Final in black linen, worn 12 times.',
      ['Reed trousers toile: 14, hips tight.', 'Second toile: 16 at the hip, good.', 'Final in black linen, worn 12 times.'],
    ],
    [
      'what was cut after a toile, and not what was cut off',
      'Wren dress: made a toile first in 12, bust tight. Then cut 14 in rayon. Then cut 2 cm off the hem.',
      ['Wren dress: made a toile first in 12, bust tight.', 'Then cut 14 in rayon. Then cut 2 cm off the hem.'],
    ],
    [
      'names with their sizes in a row, below what says no more than that it is a list',
      'Summer capsule: Reed skirt in 14, Gull tee M in white jersey, Wren dress 12',
      ['Reed skirt in 14', 'Gull tee M in white jersey', 'Wren dress 12'],
    ],
    [
      'a row of what one garment has',
      'Reed skirt 14, Navy Linen 2 m, size 16 hips, worn with my Gull tee M',
      ['Reed skirt 14, Navy Linen 2 m, size 16 hips, worn with my Gull tee M'],
    ],
    ['what a list is headed by', 'Sewing log\n1. Reed skirt - size 14\n2. Gull tee - M', ['Reed skirt - size 14', 'Gull tee - M']],
    [
      'measures before it, and what was bought since, where it has a fabric',
      "I'm 5'6\", bust 38, waist 32.\nReed skirt 14, cotton lawn\nBought 2.5 m of mustard corduroy at the market",
      ["I'm 5'6\", bust 38, waist 32.", 'Reed skirt 14, cotton lawn', 'Bought 2.5 m of mustard corduroy at the market'],
    ],
    ['sizes by places', 'Gannet jeans in black denim. Waist 31 hips 32.', ['Gannet jeans in black denim. Waist 31 hips 32.']],
    [
      'versions by their numbers',
      'Heron dress v1: waist too high by 2 cm. v2: lowered waist 2 cm, fits. v3 same as v2 in wool',
      ['Heron dress v1: waist too high by 2 cm.', 'v2: lowered waist 2 cm, fits.', 'v3 same as v2 in wool'],
    ],
    [
      'attempts by theirs',
      'Curlew jeans, attempt 1. Toile in old sheets, tight at the thighs. Attempt 2 in denim, great',
      ['Curlew jeans, attempt 1. Toile in old sheets, tight at the thighs.', 'Attempt 2 in denim, great'],
    ],
    ['one version', 'Heron dress. Version 2, waist right.', ['Heron dress. Version 2, waist right.']],
    [
      'dictated in one breath',
      'finished my heron blouse its size 12 and next time id do a full bust adjustment oh and i also made a tern skirt in a 14',
      ['finished my heron blouse its size 12 and next time id do a full bust adjustment oh', 'and i also made a tern skirt in a 14'],
    ],
    [
      'a table, with its head',
      '| Pattern | Size | Notes |\n|---|---|---|\n| Heron blouse | 12 | too tight bust |\n| Tern skirt | 14 | good |',
      ['Heron blouse | 12 | too tight bust |', 'Tern skirt | 14 | good |'],
    ],
    [
      'what is ticked off by another sign',
      '☑ Egret blouse (12)\n✅ Heron coat 14\n☐ Plover shirt in chambray\n✓ Siskin tee M',
      ['Egret blouse (12)', 'Heron coat 14', '☐ Plover shirt in chambray', 'Siskin tee M'],
    ],
    ['what is ticked off, and what is not', 'Finished makes\n- [x] Heron blouse 12\n- [ ] Tern skirt 14', ['Heron blouse 12', '[ ] Tern skirt 14']],
    ['numbered weeks', 'Week 1: Heron blouse, 12\nWeek 2: Tern skirt, 14', ['Heron blouse, 12', 'Tern skirt, 14']],
    [
      'muslins by number, and another',
      'Heron tee. Muslin 1: tight. Muslin 2: better. Final: black, M and another in white',
      ['Heron tee. Muslin 1: tight.', 'Muslin 2: better.', 'Final: black, M', 'another in white'],
    ],
    ['the next one, which is not made yet', 'Wren bra 34D: band too loose. Next one 32DD.', ['Wren bra 34D: band too loose. Next one 32DD.']],
    [
      'what was bought for it',
      'Reed skirt 14\nBought 2 m of navy linen.\nCut it out on Sunday.',
      ['Reed skirt 14\nBought 2 m of navy linen.\nCut it out on Sunday.'],
    ],
    ['nothing', '  \n ', []],
  ])('%s', (_, text, makes) => expect(told(text)).toEqual(makes));

  test('with the gaps between them the makes are the text, and none overlaps another', () => {
    const bit = fc.constantFrom(
      'Tidewater shirt',
      'Gangway trousers',
      'C',
      '40',
      '. ',
      '\n',
      '\n\n',
      ', ',
      'then I made the ',
      'love it',
      '- ',
      'Curlew cape',
      '\nNotebook 2024\n',
      '\n2025: ',
      'I made another pair in ',
      'the second one is ',
      ' ',
      '1.5 m',
    );
    fc.assert(
      fc.property(fc.array(bit, { maxLength: 14 }), (bits) => {
        const text = bits.join('');
        let at = 0;
        for (const part of splitTelling(text, CONTEXT)) {
          expect(part.from).toBeGreaterThanOrEqual(at);
          expect(text.slice(part.from, part.to)).toBe(part.text);
          expect(text.slice(at, part.from)).toMatch(/^(?:[\s,;.*•-]|(?:Notebook )?20\d\d:?)*(?:\d[.)]\s*)?$/);
          at = part.to;
        }
        expect(text.slice(at)).toMatch(/^(?:[\s,;.*•-]|(?:Notebook )?20\d\d:?)*$/);
      }),
    );
  });
});

test('one more is read by the name of what was told of before, and of nothing where that has none', () => {
  const [, second, third] = splitTelling('Curlew jeans 40, tight. Then I made another pair in 42. The third one is in denim, 44.', CONTEXT);
  expect([second, third].map((part) => part && lineOf(part))).toEqual([
    'Curlew jeans: Then I made another pair in 42.',
    'Curlew jeans: The third one is in denim, 44.',
  ]);
  expect(splitTelling('I made another one in 42.', CONTEXT)).toMatchObject([{ text: 'I made another one in 42.' }]);
});

describe('a year that stands above', () => {
  let n = 0;
  const days = (text: string) =>
    readMakes(splitTelling(text, CONTEXT).map(lineOf), LEDGER, {
      usual: USUAL,
      spoken: LEDGER.people[0],
      within: splitTelling(text, CONTEXT).map((part) => part.within),
      newId: () => `new-${n++}`,
    }).map(({ draft }) => draft && writtenDay(draft.make, draft.make.finishedOn ?? ''));

  test('is that of the days below, until another stands there', () => {
    expect(days('Notebook 2024\n12 Nov - Petrel blouse 38\n\n2025:\n14 Dec - Gull culottes 12\n2 Jan 2026 - Wren bra 34D')).toEqual([
      '2024-11-12',
      '2025-12-14',
      '2026-01-02',
    ]);
  });

  test('or the month is all that is known of what names no day of its own', () => {
    expect(days('2024\nPetrel blouse 38\nMarch\nGull culottes 12\nWren dress 12, finished 3 May 2024\nMade the Wren dress in May, 14')).toEqual([
      '2024',
      '2024-03',
      '2024-05-03',
      '2024-05',
    ]);
  });

  test('is none where it is this year’s, where it belongs to a line, and where the day is counted from today', () => {
    expect(days('2026\n12 Nov - Petrel blouse 38')).toEqual(['2026-11-12']);
    expect(splitTelling('Petrel blouse 38 in 2024\nGull culottes 12', CONTEXT).map(({ within }) => within?.until)).toEqual([undefined, undefined]);
    expect(days('2024\nfinished the Petrel blouse yesterday, 38')).toEqual(['2026-11-24']);
  });

  test('is no part of a make, and alone nothing to be told', () => {
    expect(splitTelling('2024\nPetrel blouse 38\n2025\nGull culottes 12', CONTEXT).map(({ text }) => text)).toEqual([
      'Petrel blouse 38',
      'Gull culottes 12',
    ]);
    expect(splitTelling('2024: Wren dress 12\n2025: no more than aprons', CONTEXT)).toMatchObject([
      { text: 'Wren dress 12', within: { until: '2024-12-31', is: 'year' } },
      { text: 'no more than aprons', within: { until: '2025-12-31', is: 'year' } },
    ]);
    expect(['2024\n\n', '# 2025:\n - ', '2025\nMarch:\n', 'In progress:\n', 'Wren bra'].map(isToldOut)).toEqual([true, true, true, true, false]);
    expect(
      [',  and \n\n', 'Sewing log\n1. \n2. ', '| Pattern | Size |\n|---|---|\n| \n', 'Finished makes\n- [x] \n', 'Sewing log of May', 'and 2'].map(
        isToldOut,
      ),
    ).toEqual([true, true, true, true, false, false]);
  });

  test('nor is a month: of the last that has begun, of the year above it, or of its own', () => {
    const notebook =
      'Jan\nHeron dress, 12\nFeb\nnothing, had the flu\n\nMarch 2024:\nGull culottes 12\n\n2025\nDec\nPetrel blouse 38\nWren dress 12 on 3 May';
    expect(splitTelling(notebook, CONTEXT).map(({ text, within }) => [text, within?.until, within?.is])).toEqual([
      ['Heron dress, 12', '2026-01-31', 'month'],
      ['Gull culottes 12', '2024-03-31', 'month'],
      ['Petrel blouse 38', '2025-12-31', 'month'],
      ['Wren dress 12 on 3 May', '2025-12-31', 'year'],
    ]);
    // Of a month that has not come yet this year it was last year's; this month's is told as it is.
    expect(splitTelling('December\nHeron dress, 12\nNovember\nGull culottes 12', CONTEXT).map(({ within }) => within?.until)).toEqual([
      '2025-12-31',
      undefined,
    ]);
    // A length, a mark, or what may be is no day.
    expect(splitTelling('Feb\nGull culottes 12, 1.5 m, 4/5, may need longer legs', CONTEXT)).toMatchObject([
      { within: { until: '2026-02-28', is: 'month' } },
    ]);
    // A month over nothing dates nothing.
    expect(splitTelling('March: nothing, had the flu\n12 April: Gull culottes 12', CONTEXT).map(({ text, within }) => [text, within?.until])).toEqual(
      [['12 April: Gull culottes 12', undefined]],
    );
    // What is listed behind when it was made.
    const lists =
      'What I made in 2024: Wren dress 12, a Heron coat\nTwo makes in October: the Gull top (M), a Heron blouse. It was done on the 25th.\nPetrel blouse 38';
    expect(splitTelling(lists, CONTEXT).map(({ text, within }) => [text, within?.until, within?.is])).toEqual([
      ['What I made in 2024: Wren dress 12', undefined, undefined],
      ['a Heron coat', '2024-12-31', 'year'],
      ['Two makes in October: the Gull top (M)', undefined, undefined],
      ['a Heron blouse. It was done on the 25th.', '2026-10-31', 'month'],
      ['Petrel blouse 38', undefined, undefined],
    ]);
    expect(splitTelling('2024: Wren dress 12, a Heron coat', CONTEXT).map(({ text, within }) => [text, within?.until])).toEqual([
      ['Wren dress 12', '2024-12-31'],
      ['a Heron coat', '2024-12-31'],
    ]);
    // So is a sentence that begins with it.
    expect(
      splitTelling('In 2024 I made a Wren dress (12), the Gull top (M). A Heron coat, 14.', CONTEXT).map(({ text, within }) => [text, within?.until]),
    ).toEqual([
      ['In 2024 I made a Wren dress (12)', undefined],
      ['the Gull top (M).', '2024-12-31'],
      ['A Heron coat, 14.', undefined],
    ]);
    // In a sentence it is none.
    expect(splitTelling('Heron dress 12. May fits', CONTEXT).map(({ text }) => text)).toEqual(['Heron dress 12. May fits']);
  });
});

test('what one make names first is there for the next: a pattern, its version, a fabric', () => {
  let n = 0;
  const texts = ['Curlew skirt 40 in rust corduroy 1.6 m, waistband tight', 'Curlew skirt 42, rust corduroy 1.5 m'];
  const [first, second] = readMakes(texts, LEDGER, { usual: USUAL, spoken: LEDGER.people[0], newId: () => `new-${n++}` });
  expect(first!.draft!.newPattern?.name).toBe('Curlew skirt');
  expect(second!.draft!.newPattern).toBeUndefined();
  expect(second!.draft!.newFabrics).toEqual([]);
  expect(second!.draft!.make).toMatchObject({ version: 2, size: { size: '42' }, sources: [{ patternId: first!.draft!.newPattern!.id }] });
  expect(second!.draft!.make.fabrics[0]!.fabricId).toBe(first!.draft!.newFabrics[0]!.id);
});

test('somebody who comes with a make begins without anybody else’s cut', () => {
  let n = 0;
  const options = { context: CONTEXT, spoken: LEDGER.people[0], newId: () => `new-${n++}` };
  const line = 'Tidewater shirt C for Runa, sleeve +1';
  const mine = readMake(line, LEDGER, options);
  expect(mine.draft!.make.alterations.length).toBeGreaterThan(1);
  const hers = readMake(line, LEDGER, { ...options, answers: { 'for runa': 0 } });
  expect(hers).toMatchObject({ carriedFrom: undefined, person: { name: 'Runa' } });
  expect(hers.draft!.make).toMatchObject({ version: 1, personId: hers.draft!.newPerson!.id, alterations: [{ kind: 'sleeve-length', amount: 1 }] });
});

test('a garment of the ledger goes by what it is, unless one of its sort was told of', () => {
  const parts = (text: string) => splitTelling(text, CONTEXT).map((t) => [t.text, t.ofTold ?? false]);
  expect(parts('Finished the coat today.\n\nWore the linen skirt to work. Tidewater shirt in C, love 4')).toEqual([
    ['Finished the coat today.', false],
    ['Wore the linen skirt to work.', false],
    ['Tidewater shirt in C, love 4', false],
  ]);
  expect(parts('- finished the coat\n- hemmed the overshirt\n- gave away the music bag').map(([text]) => text)).toEqual([
    'finished the coat',
    'hemmed the overshirt',
    'gave away the music bag',
  ]);
  expect(parts('- coat: sleeves set, 2h\n- overshirt: snaps done\n- wore the jacket')).toHaveLength(3);
  // Changed behind a report it is another report; behind a make it is how that was sewn.
  expect(parts('Took in the waist of the linen skirt. Let down the hem of Tilda’s pinafore.')).toHaveLength(2);
  expect(parts('Slackwater dress in C. Took in the dress at the waist. Hemmed the jacket.')).toHaveLength(1);
  // Of the one that is told of it goes on; of one before it, it waits until that is saved.
  expect(parts('Tidewater shirt in C. Finished the shirt on Sunday. Wore the shirt to work.')).toHaveLength(1);
  expect(parts('Tidewater shirt in C.\n\nGangway trousers in 42. Mended the shirt.')).toEqual([
    ['Tidewater shirt in C.', false],
    ['Gangway trousers in 42.', false],
    ['Mended the shirt.', true],
  ]);
  // One by a name that the ledger does not have is no dress of it, and none of the culottes' tale.
  expect(parts('Gull culottes in 12. Unpicked the zip on the Wren dress.')).toEqual([
    ['Gull culottes in 12.', false],
    ['Unpicked the zip on the Wren dress.', false],
  ]);
});

test('what is told again of a garment that comes with the telling is no make of its own; told of alone it may be one', () => {
  const parts = (text: string) => splitTelling(text, CONTEXT).map((t) => [t.text, t.ofTold ?? false]);
  expect(parts('Teasel skirt in 40. The zip puckers. I also wore the Teasel skirt to work on Monday.')).toEqual([
    ['Teasel skirt in 40. The zip puckers.', false],
    ['I also wore the Teasel skirt to work on Monday.', true],
  ]);
  expect(parts('Teasel skirt in 40. Love it.\nThe Teasel skirt shrank in the wash.')[1]).toEqual(['The Teasel skirt shrank in the wash.', true]);
  // Of what was told of before another, by its name or by what it is.
  expect(parts('Ternlet cardi M. Gannet jeans 31, love 4. The Ternlet cardi is too boxy. The jeans are perfect.')).toEqual([
    ['Ternlet cardi M.', false],
    ['Gannet jeans 31, love 4.', false],
    ['The Ternlet cardi is too boxy.', true],
    ['The jeans are perfect.', true],
  ]);
  expect(parts('Ternlet cardi M. Gannet jeans 31. The cardi is too boxy.').at(-1)).toEqual(['The cardi is too boxy.', true]);
  expect(splitTelling('Ternlet cardi M. Gannet jeans 31. The cardi is too boxy.', CONTEXT).at(-1)?.called).toEqual({
    from: 38,
    to: 43,
    name: 'Ternlet cardi',
  });
  // Of the one that is told of, and of nobody knows which.
  expect(parts('Gannet jeans 31. The jeans are perfect.')).toHaveLength(1);
  expect(parts('Curlew jeans 40. Gannet jeans 31. Ternlet cardi M. The jeans are perfect.')).toHaveLength(3);
  expect(parts('I wore the Teasel skirt to work on Monday.')).toEqual([['I wore the Teasel skirt to work on Monday.', false]]);
});

test('a line of a notebook that begins with its day by the month is a tale of its own', () => {
  const told = splitTelling(
    'May: Gannet jeans in 31, love 4\nJune 5: hemmed the Gannet jeans shorter\nJune 20: Teasel skirt, 40, red corduroy\nJuly - Curlew jeans 40',
    CONTEXT,
  );
  expect(told.map((t) => [t.text.split(/[:-]/)[0]?.trim(), t.ofTold ?? false])).toEqual([
    ['May', false],
    ['June 5', true],
    ['June 20', false],
    ['July', false],
  ]);
});

test('a list under its year, and what is dictated without a stop', () => {
  expect(splitTelling('2025 makes\n- Wren dress (viscose)\n- Heron coat', CONTEXT).map(({ text, within }) => [text, within?.until])).toEqual([
    ['Wren dress (viscose)', '2025-12-31'],
    ['Heron coat', '2025-12-31'],
  ]);
  const dictated = 'i made the wren dress in a ten then i made curlew jeans in a fourteen black denim and then a heron coat size forty grey wool';
  expect(splitTelling(dictated, CONTEXT).map(({ text }) => text)).toEqual([
    'i made the wren dress in a ten',
    'then i made curlew jeans in a fourteen black denim',
    'and then a heron coat size forty grey wool',
  ]);
});

test('what stands over garments of a sort is no garment', () => {
  for (const text of [
    'Tops\nWren tee S\nHeron top 12\n\nMy dresses:\nPlover dress M',
    'Bra log\nWren tee S\nHeron top 12\n\nDress diary\nPlover dress M',
  ])
    expect(told(text)).toEqual(['Wren tee S', 'Heron top 12', 'Plover dress M']);
  expect(isToldOut('Tops\n\nMy dresses:\n')).toBe(true);
  // "Skerry log" may be of that pattern, and a garment has its own name in the singular.
  expect(told('Bag\nWren tee S')).toHaveLength(2);
});

test('columns that are set apart by spaces, each line under its year', () => {
  const text = 'Projects 2023\nJan  Wren tee   S   grey marl   love\nOct  Plover dress  M  linen   never worn';
  const tales = splitTelling(text, CONTEXT);
  expect(tales.map(({ text: line, within }) => [line.split(/ {2,}/)[1], within?.until])).toEqual([
    ['Wren tee', '2023-12-31'],
    ['Plover dress', '2023-12-31'],
  ]);
  const [tee] = readMakes(tales.map(lineOf), LEDGER, {
    usual: USUAL,
    spoken: LEDGER.people[0],
    within: tales.map(({ within }) => within),
    newId: () => 'new',
  });
  expect(tee!.draft!.make).toMatchObject({ size: { size: 'S' }, finishedOn: '2023-07-01', knownTo: 'year' });
  // In which month is asked, of that year.
  expect(JSON.stringify(tee!.chips.find((chip) => chip.asks)?.choices[0])).toContain('2023-01');
});

test('lines that begin with whom they are for tell a make each, and who that is is asked', () => {
  const text = 'Mrs Hale - Heron coat 46, wool\nMr Voss: Plover waistcoat 50\nAnna: Wren dress 98\nHeron hoodie (Tom) 104';
  const people = splitTelling(text, CONTEXT).map((tale) => {
    const asked = readLine(lineOf(tale), CONTEXT).find((chip) => chip.asks);
    return asked?.choices[0]?.flatMap((says) => (says.is === 'new person' ? [says.name] : []));
  });
  expect(people).toEqual([['Mrs Hale'], ['Mr Voss'], ['Anna'], ['Tom']]);
  // Before a dash it may be whose pattern it is, where that is new.
  const choices = readLine('Larkspur Patterns - Wren dress, size 12', CONTEXT).find((chip) => chip.asks)?.choices;
  expect(choices?.map(([says]) => says?.is)).toEqual(['designer', 'new person', 'words']);
  // What is written with a capital and is nobody.
  for (const line of ['Done: Wren dress 98', 'Linen: Wren dress 98', 'Apr: Wren dress 98', 'Wren dress (Lined) 98'])
    expect(readLine(line, CONTEXT).some((chip) => chip.choices.flat().some(({ is }) => is === 'new person'))).toBe(false);
});

test('items that name no make are no words of the first one, and the first of its kind is none beside it', () => {
  expect(told('This month:\n- mended my jeans\n- Heron dress 12\n- Wren tee S')).toEqual([
    'This month:\n- mended my jeans',
    'Heron dress 12',
    'Wren tee S',
  ]);
  expect(told('Curlew jeans 27, stretch denim. First pair of jeans ever!!')).toHaveLength(1);
  expect(told('Plover dress 12 in lawn.\nSame but in crepe, 14.\nHeron coat 40')).toEqual([
    'Plover dress 12 in lawn.',
    'Same but in crepe, 14.',
    'Heron coat 40',
  ]);
});
