// Reads a house's catalogue with a token of scope "catalogue": every open sale, its lots, and the grade of each sealed
// report. Run: FARVIN=https://yard.example TOKEN=... node read-catalogue.mjs
const at = `${process.env.FARVIN}/api/v1`;

async function ask(path) {
  const answer = await fetch(`${at}${path}`, { headers: { authorization: `Bearer ${process.env.TOKEN}` } });
  const body = await answer.json();
  if (!answer.ok) throw new Error(`${path}: ${body.message}`);
  return body;
}

async function* lotsOf(sale) {
  for (let after = ''; after !== null; ) {
    const page = await ask(`/sales/${sale.id}/lots${after && `?after=${encodeURIComponent(after)}`}`);
    yield* page.lots;
    after = page.next;
  }
}

const { sales } = await ask('/sales');
for (const sale of sales.filter((s) => s.state === 'open')) {
  console.log(`${sale.name}, ${sale.place}`);
  for await (const lot of lotsOf(sale)) {
    const sealed = lot.state === 'sealed' ? await ask(`/inspections/${lot.inspectionId}/report`) : null;
    console.log(`  ${lot.number}  ${lot.title}${sealed ? `, sealed ${sealed.snapshot.sealedAt}` : ''}`);
  }
}
