/** The kitchen's own recipes for layers, sheets and squares, as they stand in its book. */
export const LAYERS_AND_SHEETS: readonly (readonly [id: string, text: string])[] = [
  ["blackcurrant-poppy", `# Blackcurrant and poppy seed layers

Serves 12
Tins: 2 x 20.3 x 5.1 cm round
Heat: 177 °C
Minutes: 34

## Ingredients

### Batter:

- 210 g unsalted butter, at room temperature
- 210 g caster sugar
- 4 medium eggs, at room temperature
- 220 g plain flour
- 2 tsp baking powder
- 1/2 tsp fine salt
- 30 g poppy seeds
- 140 ml whole milk
- 1 tsp vanilla extract

### Filling:

- 160 g blackcurrant jam
- 1 tsp lemon juice

### Frosting:

- 180 g unsalted butter, softened
- 340 g icing sugar
- 45 g blackcurrant purée
- a pinch of salt

## Method

### Batter:

1. Take the butter, eggs and milk out at least 60 minutes before, so that they are as warm as the room.
2. Heat the oven to 177 °C. Grease the tins and line their floors with a disc of paper.
3. Soak the poppy seeds in the warm milk for 15 minutes.
4. Cream the butter and caster sugar on medium speed for 5 minutes until pale and fluffy, scraping the bowl twice.
5. Beat in the eggs one at a time, a minute each, until the batter looks smooth again.
6. Stir the flour, baking powder and salt together. Fold in a third, then half the milk, and go on in turn, ending with flour, until no dry streak is left.
7. Divide the batter between the tins by weight, level it, and knock each tin once on the bench.
8. Bake for 34 minutes until the middle springs back and a tester comes out with a few moist crumbs.
9. Cool in the tins for 10 minutes, turn out, peel off the paper, and leave on a rack for 90 minutes until quite cold.

### Filling:

1. Warm the jam with the lemon juice until it spreads, then leave it to cool for 20 minutes.

### Frosting:

1. Beat the butter for 3 minutes until soft and white.
2. Add the icing sugar in three goes, then the purée and the salt, and beat for 2 minutes until it holds a soft peak.

## Notes

A flat spoonful of frosting round the edge keeps the jam in.
`],
  ["malt-hazelnut", `# Malt and hazelnut sheet

Serves 20
Tins: 33 x 22.9 x 5.1 cm rectangle
Heat: 175 °C
Minutes: 33

## Ingredients

### Batter:

- 120 g hazelnuts
- 200 ml sunflower oil
- 250 g light brown sugar
- 4 medium eggs
- 250 g plain flour
- 60 g malted milk powder
- 2 1/2 tsp baking powder
- 1/2 tsp fine salt
- 200 ml buttermilk

### Malt frosting:

- 150 g unsalted butter, softened
- 300 g icing sugar
- 40 g malted milk powder
- 3 tbsp whole milk

## Method

### Batter:

1. Toast the hazelnuts at 175 °C for 10 minutes until they smell of themselves, rub off the skins, chop, and leave to cool for 20 minutes.
2. Keep the oven at 175 °C. Grease the tin and line it with a sling of paper.
3. Whisk the oil, brown sugar and eggs for 2 minutes until thick and smooth.
4. Stir the flour, malted milk powder, baking powder and salt together, and mix in with the buttermilk until just even.
5. Dust the hazelnuts with a spoonful of the flour and fold them in.
6. Pour the batter into the tin and level it.
7. Bake for 33 minutes until it pulls from the wall and springs back.
8. Cool in the tin for 2 hours until quite cold.

### Malt frosting:

1. Dissolve the malted milk powder in the milk and leave it to stand for 5 minutes.
2. Beat the butter and icing sugar for 4 minutes until light, add the malt milk, and beat for 1 minute more.
`],
  ["lantern-sponge", `# Lantern sponge

Serves 10
Tins: 2 x 20.3 x 5.1 cm round
Heat: 180 °C
Minutes: 20

## Ingredients

### Batter:

- 5 medium eggs
- 150 g caster sugar
- 150 g plain flour
- 25 g unsalted butter, melted and cooled
- a pinch of salt

### Filling:

- 250 ml double cream
- 2 tbsp icing sugar
- 120 g raspberry jam

## Method

### Batter:

1. Heat the oven to 180 °C. Grease and flour the tins and line their floors.
2. Whisk the eggs, caster sugar and salt on high speed for 8 minutes until the ribbon lies on top for three seconds.
3. Sift the flour over in two goes and fold in with a broad spoon until no pocket is left.
4. Fold in the melted butter with the last turns. Do not knock the tins.
5. Pour into the tins at once: this batter cannot wait.
6. Bake for 20 minutes until golden and drawing from the wall.
7. Cool in the tins for 5 minutes, turn out, and leave on a rack for 60 minutes.

### Filling:

1. Whip the cream with the icing sugar until it just holds a peak.
2. Spread the jam on one layer and the cream on it, and chill for 30 minutes.
`],
  ["salt-pier-squares", `# Salt pier chocolate squares

Makes 16
Tins: 20 x 20 x 5 cm square
Heat: 177 °C
Minutes: 30

## Ingredients

### Batter:

- 200 g dark chocolate, chopped
- 170 g unsalted butter
- 250 g caster sugar
- 3 medium eggs
- 100 g plain flour
- 30 g cocoa powder
- 80 g walnuts, chopped
- 1/2 tsp flaky salt

## Method

### Batter:

1. Heat the oven to 177 °C and line the tin with a sling of paper.
2. Melt the chocolate and butter over barely simmering water until smooth, then leave to cool for 15 minutes until just warm to the lip.
3. Stir in the sugar, then the eggs one at a time, until thick and shiny.
4. Sift in the flour and cocoa, add the walnuts, and stir until no dry patch is left.
5. Scrape into the tin and scatter the flaky salt over.
6. Bake for 30 minutes until the edge is set and a tester from the middle brings moist crumbs but no wet batter.
7. Cool in the tin for 3 hours before cutting.
`],
  ["chapel-almond", `# Chapel almond cake

Serves 12
Tins: 23 x 6.5 cm springform dark
Heat: 170 °C
Minutes: 42

## Ingredients

### Batter:

- 180 g unsalted butter, softened
- 190 g caster sugar
- 5 medium eggs, separated
- 140 g ground almonds
- 110 g plain flour
- 1 tsp baking powder
- zest of 1 lemon
- a pinch of salt

### Lemon drizzle:

- 60 ml lemon juice
- 80 g caster sugar

## Method

### Batter:

1. Heat the oven to 170 °C. Grease and flour the tin and line its floor.
2. Cream the butter with two thirds of the caster sugar for 4 minutes until pale, then beat in the yolks and the zest.
3. Whisk the egg whites with the salt until they hold soft peaks, then whisk in the rest of the sugar until glossy.
4. Stir the ground almonds, flour and baking powder into the butter bowl with a third of the whites.
5. Fold in the other whites in two goes until even. Do not knock the tin.
6. Scrape into the tin and level gently.
7. Bake for 42 minutes until golden and springing back.
8. Cool in the tin for 15 minutes, open the ring, and leave for 60 minutes until barely warm.

### Lemon drizzle:

1. Warm the lemon juice and caster sugar until clear, and spoon over the warm cake.
`],
];
