// From now on whatever is sent is refused: with a fault of something that no form asks for, or, once window.isProblem is
// set, as a whole. What is fetched comes as it is.
window.refusal = () => (window.isProblem ? 'As a whole it is refused.' : 'What is made up is refused.');
const ask = window.fetch;
window.fetch = (url, how = {}) =>
    (how.method ?? 'GET') === 'GET'
        ? ask(url, how)
        : Promise.resolve(
              new Response(
                  JSON.stringify({
                      detail: window.refusal(),
                      errors: window.isProblem ? [] : [{ pointer: '/made/up', detail: window.refusal() }],
                  }),
                  { status: window.isProblem ? 409 : 422, headers: { 'Content-Type': 'application/problem+json' } },
              ),
          );
const { open } = XMLHttpRequest.prototype;
const { get } = Object.getOwnPropertyDescriptor(XMLHttpRequest.prototype, 'responseText');
XMLHttpRequest.prototype.open = function (method, url, ...more) {
    if (method.toUpperCase() === 'GET') return open.call(this, method, url, ...more);
    Object.defineProperty(this, 'responseText', {
        get() {
            const text = get.call(this);
            if (text === '') return text;
            const page = JSON.parse(text);
            if (window.isProblem) page.props.notice = { done: null, undo: null, problem: window.refusal() };
            else page.props.errors = { made_up: window.refusal() };
            return JSON.stringify(page);
        },
    });
    // As the server answers an action: by the page that is open.
    return open.call(this, 'GET', location.href, ...more);
};
