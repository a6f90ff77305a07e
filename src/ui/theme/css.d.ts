declare module '*.module.css' {
  const classes: Record<string, string>
  export default classes
}
declare module '*.scss'
declare module '@fontsource-variable/*'
