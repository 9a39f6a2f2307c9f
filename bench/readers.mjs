// Eight readers of the rack in a process of their own, so that what they read does not hold up who measures.
const [base, many] = [process.argv[2], Number(process.argv[3])];
for (let i = 0; i < many; i++)
  void (async () => {
    for (;;) await (await fetch(`${base}/api/jobs?limit=24`)).arrayBuffer();
  })();
