/** For tests only: stands for a style sheet, whose class names no test looks at. */
const noStyle: Readonly<Record<string, string>> = {};
export default noStyle;
