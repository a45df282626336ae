export default function Place() { return <p>Soon.</p>; }
