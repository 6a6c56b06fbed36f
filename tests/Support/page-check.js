/*
 * Looks at the page as it is, in a made-up language: texts that come neither
 * from the words nor from the data of the house, texts that are cut off, texts
 * that lie on each other, and a page that is wider than the window.
 * Called with the texts of the data; answers with what is wrong, a line each.
 */
const data = arguments[0];
const found = [];
const shown = (text) => text.replace(/\s+/g, ' ').trim().slice(0, 80);

function isVisible(element) {
    const style = getComputedStyle(element);
    const box = element.getBoundingClientRect();
    // What is folded away has boxes, too.
    return element.checkVisibility() && style.opacity !== '0' && box.width > 1 && box.height > 1;
}

/** Some of the product's own name, of zones and addresses, and of what is written alike in every language. */
const OF_NO_LANGUAGE = /Open Baton|[\w.-]+@[\w.-]+|https?:\S*|[A-Z][A-Za-z]+(\/[A-Z][\w-]+)+|\bUTC\b|\b(ALQ|EUR)\b|№/g;

const whole = (text) => new RegExp(`(?<!\\p{L})${text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?!\\p{L})`, 'gu');

/** What is left of a text without words and data; letters of Latin are ours, and none should be left. */
function foreign(text) {
    let left = text.replace(/[\u202a-\u202e\u2066-\u2069]/g, '');
    while (/⟦[^⟦⟧]*⟧/.test(left)) left = left.replace(/⟦[^⟦⟧]*⟧/g, ' ');
    // A text may be cut to a length, and its brackets with it.
    left = left.replace(/⟦.*…$/, ' ');
    // As whole words: a short name is no part of one of ours.
    for (const one of data) {
        if (left.includes(one)) left = left.replace(whole(one), ' ');
    }
    left = left.replace(OF_NO_LANGUAGE, ' ');
    return /[A-Za-z]{2}/.test(left) ? left : '';
}

const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
const texts = [];
for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
    const element = node.parentElement;
    if (element === null || element.closest('script, style, [data-as-is], option') !== null) continue;
    if (shown(node.data) === '') continue;
    if (foreign(node.data) !== '') found.push(`not from the words: ${shown(node.data)}`);
    if (isVisible(element) && element.closest('.sr-only') === null) texts.push({ node, element });
}
for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
    for (const element of document.querySelectorAll(`[${name}]`)) {
        if (element.parentElement?.closest('[data-as-is]')) continue;
        const text = element.getAttribute(name);
        if (foreign(text) !== '') found.push(`not from the words, ${name}: ${shown(text)}`);
    }
}
for (const option of document.querySelectorAll('option:not([lang])')) {
    if (foreign(option.text) !== '') found.push(`not from the words, option: ${shown(option.text)}`);
}

/** Whether what does not fit can be read elsewhere. */
function isSaidElsewhere(element, text) {
    for (let at = element; at !== null; at = at.parentElement) {
        if (at.title?.includes(text.trim())) return true;
    }
    return false;
}

for (const { node, element } of texts) {
    if (!node.data.includes('⟦')) continue;
    for (let at = element; at !== null && at !== document.body; at = at.parentElement) {
        const style = getComputedStyle(at);
        if (style.display === 'inline') continue;
        if (
            /hidden|clip/.test(style.overflowX) &&
            at.scrollWidth > at.clientWidth + 1 &&
            !isSaidElsewhere(element, node.data)
        ) {
            found.push(`cut off: ${shown(node.data)}`);
            break;
        }
    }
}

/** The layer on which something lies: what is fixed or sticks lies over the rest on purpose. */
function layerOf(element) {
    for (let at = element; at !== null; at = at.parentElement) {
        if (/fixed|sticky/.test(getComputedStyle(at).position) || at.getAttribute('role') === 'dialog') return at;
    }
    return null;
}

function clippedBy(element, box) {
    let { left, right, top, bottom } = box;
    for (let at = element; at !== null && at !== document.body; at = at.parentElement) {
        if (getComputedStyle(at).overflow === 'visible') continue;
        const edge = at.getBoundingClientRect();
        [left, right] = [Math.max(left, edge.left), Math.min(right, edge.right)];
        [top, bottom] = [Math.max(top, edge.top), Math.min(bottom, edge.bottom)];
    }
    return right - left > 1 && bottom - top > 1 ? { left, right, top, bottom } : null;
}

const boxes = texts.flatMap(({ node, element }) => {
    const range = document.createRange();
    range.selectNodeContents(node);
    return [...range.getClientRects()]
        .map((box) => clippedBy(element, box))
        .filter((box) => box !== null && box.top < innerHeight)
        .map((box) => ({ box, node, layer: layerOf(element) }));
});
boxes.forEach((one, index) =>
    boxes.slice(index + 1).forEach((other) => {
        if (one.node === other.node || one.layer !== other.layer) return;
        const wide = Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left);
        const high = Math.min(one.box.bottom, other.box.bottom) - Math.max(one.box.top, other.box.top);
        if (wide > 2 && high > 4) found.push(`one on the other: ${shown(one.node.data)} | ${shown(other.node.data)}`);
    }),
);

if (document.documentElement.scrollWidth > innerWidth + 1) {
    found.push(`wider than the window: ${document.documentElement.scrollWidth}`);
}
return [...new Set(found)];
