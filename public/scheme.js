// Before anything is drawn: light or dark, as it was chosen here, else as the machine has it.
(() => {
    const chosen = localStorage.getItem('scheme');
    const dark = chosen === 'dark' || (chosen !== 'light' && matchMedia('(prefers-color-scheme: dark)').matches);
    document.documentElement.dataset.scheme = dark ? 'dark' : 'light';
})();
