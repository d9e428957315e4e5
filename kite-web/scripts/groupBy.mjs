// Node 20 lacks it, and the test runner that tells which tests failed stands on it.
Map.groupBy ??= (items, keyOf) => {
  const groups = new Map();
  let i = 0;
  for (const item of items) {
    const key = keyOf(item, i++);
    if (!groups.has(key)) groups.set(key, []);
    groups.get(key).push(item);
  }
  return groups;
};
