import sanitize from 'sanitize-html';
import { plainPicture } from '../../core/archive/plain-picture';
import type { Picture } from '../../core/records';

/** Drawings are lines and patches: what a drawing of a garment needs, and nothing that runs, fetches or leads elsewhere. */
const TAGS = [
  'svg',
  'g',
  'defs',
  'pattern',
  'linearGradient',
  'radialGradient',
  'stop',
  'clipPath',
  'mask',
  'title',
  'desc',
  'path',
  'rect',
  'circle',
  'ellipse',
  'line',
  'polyline',
  'polygon',
  'text',
  'tspan',
];
const ATTRIBUTES = [
  ...['xmlns', 'id', 'viewBox', 'width', 'height', 'x', 'y', 'x1', 'y1', 'x2', 'y2', 'cx', 'cy', 'r', 'rx', 'ry', 'd', 'points', 'transform'],
  ...['fill', 'fill-rule', 'fill-opacity', 'stroke', 'stroke-width', 'stroke-linecap', 'stroke-linejoin', 'stroke-dasharray', 'stroke-opacity'],
  ...['opacity', 'vector-effect', 'patternUnits', 'patternTransform', 'gradientUnits', 'gradientTransform', 'offset', 'stop-color', 'stop-opacity'],
  ...['clip-path', 'mask', 'text-anchor', 'font-size', 'font-family', 'preserveAspectRatio'],
];
const RULES: sanitize.IOptions = {
  allowedTags: TAGS,
  allowedAttributes: { '*': ATTRIBUTES },
  // Names in XML keep their case, and a tag may close itself.
  parser: { xmlMode: true, lowerCaseTags: false, lowerCaseAttributeNames: false },
  selfClosing: ['path', 'rect', 'circle', 'ellipse', 'line', 'polyline', 'polygon', 'stop'],
  // A colour or a mask by an address: only one within the same drawing.
  exclusiveFilter: ({ attribs }) => Object.values(attribs).some((value) => /url\(\s*['"]?(?!#)/i.test(value)),
};

/**
 * A picture as it may lie in a ledger and go out of it: a drawing without script and without reference to anything outside, a photograph
 * without what its file hides. Opened by itself, out of an archive or a statement, an SVG would run what it holds.
 *
 * @returns the very same bytes where there was nothing to clean
 */
export function cleanPicture(bytes: Uint8Array<ArrayBuffer>, type: Picture['type']): Uint8Array<ArrayBuffer> {
  if (type !== 'image/svg+xml') return plainPicture(bytes);
  const text = new TextDecoder().decode(bytes);
  if (isPlainDrawing(text)) return bytes;
  return new TextEncoder().encode(sanitize(text, RULES));
}

/** Whether a drawing holds nothing but what is allowed: then it stays byte for byte, with the digest that is kept with it. */
function isPlainDrawing(text: string): boolean {
  const tags = [...text.matchAll(/<\/?([^\s/>]*)([^<>]*)>/g)];
  // Every sign that opens something belongs to one of these.
  if (tags.length !== text.split('<').length - 1) return false;
  return tags.every(([, name = '', rest = '']) => {
    const attributes = [...rest.matchAll(/([^\s=/]+)\s*=\s*"([^"<]*)"/g)];
    const left = rest.replace(/[^\s=/]+\s*=\s*"[^"<]*"/g, '').replace(/[\s/]/g, '');
    return (
      TAGS.includes(name) &&
      left === '' &&
      attributes.every(([, attribute = '', value = '']) => ATTRIBUTES.includes(attribute) && !/url\(\s*['"]?(?!#)|&/i.test(value))
    );
  });
}
