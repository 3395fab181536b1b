/** The kitchen's own recipes for loaves, rings, cups and deep cakes, as they stand in its book. */
export const LOAVES_RINGS_AND_CUPS: readonly (readonly [id: string, text: string])[] = [
  ["stout-gingerbread", `# Stout gingerbread ring

Serves 14
Tins: 25 x 9 cm fluted ring dark
Heat: 170 °C
Minutes: 46

## Ingredients

### Batter:

- 240 ml stout
- 180 g black treacle
- 1/2 tsp bicarbonate of soda
- 260 g plain flour
- 1 1/2 tsp baking powder
- 1 tbsp ground ginger
- 1 tsp cinnamon
- 1/4 tsp ground cloves
- 1/2 tsp fine salt
- 3 medium eggs
- 170 g dark brown sugar
- 160 ml vegetable oil

### Ginger syrup:

- 60 g caster sugar
- 60 ml water
- 1 tsp ground ginger

## Method

### Batter:

1. Bring the stout and treacle to the boil in a deep pan, take it off the heat, stir in the bicarbonate, and stand back while it foams. Leave to cool for 25 minutes until lukewarm.
2. Heat the oven to 170 °C. Grease the ring with butter into every crease and flour it.
3. Sift the flour, baking powder, ginger, cinnamon, cloves and salt together.
4. Whisk the eggs, brown sugar and oil for 2 minutes until smooth.
5. Stir in the flour in two goes with the stout between them. The batter is as thin as cream: right for this one.
6. Pour into the ring, filling it no more than two thirds.
7. Bake for 46 minutes until it springs back and a tester comes out clean.
8. Cool in the tin for 10 minutes, turn out, and leave on a rack for 2 hours.

### Ginger syrup:

1. Simmer the sugar, water and ginger for 4 minutes, and brush over while the ring is warm.

## Notes

Better on the second day. The ferry crew take it plain.
`],
  ["cardamom-pear", `# Cardamom pear loaf

Serves 10
Tins: 21.6 x 11.4 x 6.5 cm loaf
Heat: 175 °C
Minutes: 60

## Ingredients

### Batter:

- 210 g plain flour
- 2 tsp baking powder
- 1/4 tsp bicarbonate of soda
- 1 1/2 tsp ground cardamom
- 1/2 tsp fine salt
- 2 medium eggs
- 160 g light brown sugar
- 100 ml vegetable oil
- 120 g plain yoghurt
- 180 g pears, peeled and grated

## Method

### Batter:

1. Heat the oven to 175 °C. Grease the loaf tin and line it with a sling of paper.
2. Peel and grate the pears, weigh them, and leave them to drain for 5 minutes.
3. Stir the flour, baking powder, bicarbonate, cardamom and salt together.
4. Whisk the eggs, brown sugar, oil and yoghurt until smooth.
5. Mix the wet into the dry with a dozen turns, add the pears, and stop as soon as no flour shows.
6. Scrape into the tin and draw an oiled knife down the middle, so that it cracks straight.
7. Bake for 60 minutes until a tester comes out clean and the crack looks dry.
8. Cool in the tin for 15 minutes, lift out, and leave for 2 hours until quite cold before cutting.
`],
  ["rhubarb-cups", `# Rhubarb cups

Makes 12
Tins: 12 cups 7 x 5.2 x 3.2 cm
Heat: 190 °C
Minutes: 22

## Ingredients

### Batter:

- 190 g plain flour
- 2 tsp baking powder
- 95 g caster sugar
- 1/4 tsp fine salt
- 75 g unsalted butter, melted
- 2 medium eggs
- 130 ml buttermilk
- 120 g rhubarb, diced small

### Crumble topping:

- 40 g plain flour
- 25 g demerara sugar
- 25 g cold unsalted butter

## Method

### Batter:

1. Heat the oven to 190 °C and put paper cases in the cups.
2. Stir the flour, baking powder, caster sugar and salt together.
3. Mix the melted butter, eggs and buttermilk, pour on the dry and stir a dozen times. Lumps are right.
4. Toss the rhubarb in a spoonful of the flour and fold it in.
5. Spoon into the cups, up to three quarters.
6. Bake for 22 minutes until risen, golden, and springing back.
7. Cool in the cups for 5 minutes, then on a rack for 20 minutes.

### Crumble topping:

1. Rub the butter into the flour until it looks like crumbs, stir in the sugar, and scatter over before baking.
`],
  ["pistachio-chiffon", `# Pistachio chiffon

Serves 14
Tins: 25 x 10.5 cm tube
Heat: 165 °C
Minutes: 54

## Ingredients

### Batter:

- 6 egg yolks
- 7 egg whites
- 200 g caster sugar
- 150 g cake flour
- 50 g ground pistachios
- 2 tsp baking powder
- 1/4 tsp fine salt
- 85 ml vegetable oil
- 110 ml whole milk
- 1/2 tsp cream of tartar

## Method

### Batter:

1. Heat the oven to 165 °C. Leave the tube tin ungreased: the batter has to climb.
2. Whisk the yolks with a third of the sugar, the oil and the milk for 2 minutes until smooth.
3. Sift in the cake flour, baking powder and salt, add the pistachios, and whisk until even.
4. Whisk the whites with the cream of tartar until frothy, add the rest of the sugar a spoon at a time, and whisk for 5 minutes until they stand in firm peaks.
5. Fold the whites into the yolks in thirds until no streak is left. Do not knock the tin.
6. Pour into the tube tin at once.
7. Bake for 54 minutes until it springs back and the cracks are dry.
8. Turn the tin upside down on its feet and leave to cool for 2 hours, then loosen with a thin blade.
`],
  ["ferry-fruit", `# Ferry crew fruit cake

Serves 20
Tins: 20 x 7.5 cm round
Heat: 150 °C
Minutes: 150

## Ingredients

### Batter:

- 760 g mixed dried fruit
- 110 ml stout
- 190 g unsalted butter, softened
- 190 g dark brown sugar
- 4 medium eggs
- 220 g plain flour
- 60 g ground almonds
- 2 tbsp black treacle
- 1 1/2 tsp mixed spice
- 1/2 tsp fine salt

## Method

### Batter:

1. Soak the dried fruit in the stout overnight, 12 hours, covered.
2. Heat the oven to 150 °C. Line the floor and wall of the tin with two sheets of paper.
3. Cream the butter and brown sugar for 4 minutes until fluffy, then beat in the treacle.
4. Beat in the eggs one at a time with a spoon of the flour each, so that it does not curdle.
5. Fold in the flour, almonds, spice and salt, then the fruit with its stout.
6. Scrape into the tin and make a shallow hollow in the middle.
7. Bake for 150 minutes until a tester comes out clean; cover with paper once it is brown.
8. Cool in the tin overnight, 10 hours, then wrap.

## Notes

Keeps six weeks wrapped, and is better after two.
`],
  ["harbour-pound", `# Harbour pound loaf

Serves 12
Tins: 22 x 11.5 x 6.5 cm loaf
Heat: 165 °C
Minutes: 65

## Ingredients

### Batter:

- 200 g unsalted butter, softened
- 200 g caster sugar
- 4 medium eggs, beaten
- 200 g plain flour
- 1/2 tsp baking powder
- 1/2 tsp fine salt
- zest of 1 orange

## Method

### Batter:

1. Take the butter and eggs out 2 hours before. Heat the oven to 165 °C and line the loaf tin.
2. Cream the butter, caster sugar and zest for 6 minutes until nearly white.
3. Beat in the eggs a spoonful at a time over 5 minutes until it looks like thick cream.
4. Sift the flour, baking powder and salt over and fold in until smooth.
5. Scrape into the tin and level it.
6. Bake for 65 minutes until a tester comes out clean.
7. Cool in the tin for 15 minutes, then on a rack for 2 hours.
`],
  ["lighthouse-cheese", `# Lighthouse baked cheese

Serves 14
Tins: 23 x 6.5 cm springform dark
Heat: 160 °C
Minutes: 55

## Ingredients

### Cheese batter:

- 640 g cream cheese, at room temperature
- 160 g caster sugar
- 3 medium eggs
- 160 g soured cream
- 20 g cornflour
- 1 tsp vanilla extract
- zest of 1 lemon

### Crumb base:

- 180 g biscuit crumbs
- 80 g unsalted butter, melted

## Method

### Crumb base:

1. Stir the crumbs and butter together and press into the tin. Chill for 20 minutes.

### Cheese batter:

1. Heat the oven to 160 °C.
2. Beat the cream cheese and sugar on low speed until smooth, so that no air goes in.
3. Stir in the cornflour, soured cream, vanilla and zest, then the eggs one at a time.
4. Pour over the base and bake for 55 minutes until the edge is set and the middle trembles.
5. Leave in the switched-off oven for 60 minutes with the door ajar.
6. Chill for 6 hours before cutting.
`],
  ["quay-white-ring", `# Quay white ring

Serves 12
Tins: 25 x 10.5 cm tube
Heat: 170 °C
Minutes: 40

## Ingredients

### Batter:

- 10 egg whites
- 1 tsp cream of tartar
- 1/4 tsp fine salt
- 250 g caster sugar
- 115 g cake flour
- 1 tsp vanilla extract

## Method

### Batter:

1. Heat the oven to 170 °C. Leave the tube tin dry and ungreased.
2. Sift the cake flour with a third of the sugar, three times.
3. Whisk the whites, cream of tartar and salt until frothy, then add the rest of the sugar a spoon at a time and whisk for 6 minutes until they hold a peak that just bends.
4. Sift the flour over in four goes and fold in each with the vanilla until it vanishes.
5. Spoon into the tin at once and run a knife through to break large bubbles.
6. Bake for 40 minutes until golden and springing back.
7. Turn upside down and leave to cool for 90 minutes.
`],
];
