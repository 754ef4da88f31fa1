/** Stands for a style sheet where nothing is laid out. */
export {};
