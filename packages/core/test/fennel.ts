/** A recipe with the habits people have: mixed units, fractions, ranges, sizes, packs in brackets, a headed component. */
export const FENNEL = `Braised fennel with saffron broth (serves 4)
4 medium bulbs fennel (about 250g each), fronds kept
1 1/2 tbsp olive oil, plus extra to finish
½ tsp fennel seed, lightly crushed
a pinch of saffron
150–200 ml vegetable stock
1 (400 g) tin plum tomatoes, drained
2 oz green olives, stoned and sliced
3-4 sprigs thyme
1/3 cup dry white wine
juice of 1 lemon
salt, to taste
For the crumb:
60g stale bread
2 tbsp flat parsley leaves, chopped
1 small clove garlic
`;
