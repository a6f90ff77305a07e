export default function Forbidden() {
  return (
    <main className="page page-narrow">
      <h1>Not for you to see</h1>
      <p>
        Plans, money and messages are for the lead and the owner. <a href="/today">Back to Today</a>
      </p>
    </main>
  )
}
