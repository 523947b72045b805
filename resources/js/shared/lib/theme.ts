export type Theme = 'light' | 'dark';

const KEY = 'geodex.theme';

export function storedTheme(): Theme {
    return localStorage.getItem(KEY) === 'dark' ? 'dark' : 'light';
}

export function applyTheme(theme: Theme): void {
    document.documentElement.dataset.theme = theme;
    localStorage.setItem(KEY, theme);
}
