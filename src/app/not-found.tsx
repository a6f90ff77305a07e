export default function NotFound() {
  return (
    <main className="page page-narrow">
      <h1>Nothing here</h1>
      <p>
        This page does not exist, or the site is not among yours. <a href="/today">Back to Today</a>
      </p>
    </main>
  )
}
