const names = new Intl.DisplayNames(['en'], { type: 'language' });

/** "German" for "de"; the code itself for one that is not known. */
export const languageName = (code: string): string => {
  if (code === 'en') return 'Also';
  try {
    return names.of(code) ?? code;
  } catch {
    return code;
  }
};
