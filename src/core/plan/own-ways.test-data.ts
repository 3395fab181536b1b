/** A cake as its baker writes it down, and what she asks for besides. */
export type OwnWay = {
  readonly name: string;
  readonly text: string;
  readonly asked?: object;
};

/** Very different cakes, each as its baker really makes it. */
export const OWN_WAYS = {
  hotLiquidRounds: {
    name: "Stoker's black cake",
    text: `Stoker's black cake

250 g plain flour
350 g sugar
75 g cocoa
2 tsp bicarbonate of soda
1 tsp baking powder
1 tsp salt
2 eggs
240 ml buttermilk
120 ml oil
240 ml hot strong coffee

For the boiled frosting:
200 g sugar
80 ml water
2 egg whites
1 tsp vanilla

Oven to 175 C. Grease and line two 20 cm round tins.
Whisk the dry things, then the eggs, buttermilk and oil. Pour in the coffee last; the batter is thin.
Divide between the tins and bake for 30 to 35 minutes. Ten minutes in the tins, then out onto a rack until cold.
For the frosting boil the sugar and water to 118 C, pour it onto the whisked whites and beat until it stands. Beat in the vanilla.
Put the layers together with it and spread the rest over the top and sides at once.`,
    asked: { scale: 1.5 },
  },
  cupsAndLayers: {
    name: "Lamplighter cupcakes",
    text: `Lamplighter cupcakes

175 g soft butter
175 g caster sugar
3 eggs
175 g self-raising flour
2 tbsp milk

Heat the oven to 180 C. Line a 12-hole muffin tin with paper cases.
Cream butter and sugar, beat in the eggs one by one, fold in the flour and the milk.
Spoon into the cases and bake for 18 to 20 minutes.
Or bake it in two 18 cm round tins at 170 C for 25 minutes.`,
    asked: { tins: [{ shape: "round", diameterMm: 180, depthMm: 45, count: 2 }] },
  },
  meltedSpread: {
    name: "Quay sheet",
    text: `Quay sheet

230 g butter
240 ml water
30 g cocoa
250 g plain flour
400 g sugar
1 tsp baking soda
120 ml sour cream
2 eggs

Icing:
115 g butter
80 ml milk
30 g cocoa
400 g icing sugar

Preheat oven to 350 F. Grease a 13 x 9 inch pan.
Bring butter, water and cocoa to the boil, pour over the flour, sugar and soda, and beat. Add the sour cream and eggs.
Pour into the pan and bake for 20 to 25 minutes.
While it is in the oven melt the butter with the milk and cocoa, bring to the boil, take off the heat and beat in the icing sugar.
Pour the icing over the hot cake as soon as it comes out. Leave to cool in the pan.`,
    asked: { finish: { dress: [{ what: "chips", when: "hot" }] } },
  },
  ringPound: {
    name: "Mooring ring",
    text: `Mooring ring

340 g butter, room temperature
600 g sugar
6 large eggs
360 g plain flour
1/2 tsp salt
240 ml double cream
2 tsp vanilla

Butter and flour a 25 cm fluted ring tin. Start in a cold oven or heat to 160 C.
Beat the butter and sugar for 7 minutes until pale. Add the eggs one at a time. Add flour and cream in turns.
Scrape into the tin. Bake at 160 C for 75 to 85 minutes.
Let it stand in the tin for 15 minutes, turn out, and dust with icing sugar while still warm.`,
  },
  carrotLow: {
    name: "Allotment carrot cake",
    text: `Allotment carrot cake

300 ml sunflower oil
300 g soft brown sugar
4 eggs
300 g plain flour
2 tsp baking powder
1 tsp bicarb
2 tsp cinnamon
350 g grated carrot
100 g walnuts, chopped

Cream cheese frosting
100 g butter
300 g cream cheese
150 g icing sugar

Set the oven to 150 C. Line two deep 20 cm round tins.
Beat oil, sugar and eggs; fold in everything else.
Share between the tins. Bake for 50 to 60 minutes, until a skewer comes out clean.
Cool completely in the tins.
Beat the butter, then the cream cheese and sugar, only until smooth. Sandwich the cakes and spread the rest over the top.`,
  },
  skilletFruit: {
    name: "Anchor pan plum cake",
    text: `Anchor pan plum cake

115 g butter
200 g sugar
2 eggs
125 g flour
1 tsp baking powder
12 plums, halved

Heat the oven to 175 C and butter a 25 cm cast iron skillet.
Cream the butter and sugar, add the eggs, flour and baking powder.
Spread in the skillet. Press the plum halves into the batter, cut side up, and sprinkle with 2 tbsp sugar.
Bake for 45 to 50 minutes. Leave in the skillet overnight, covered.
Next day turn it out onto a plate, then over again so the plums are on top.`,
  },
  stripsMarshmallow: {
    name: "Lantern white layers",
    text: `Lantern white layers

170 g butter
300 g sugar
5 egg whites
300 g cake flour
4 tsp baking powder
240 ml milk

Marshmallow frosting
4 egg whites
200 g sugar
1/4 tsp cream of tartar

Preheat to 175 C. Grease two 8 inch pans and wrap wet strips round them.
Cream butter and sugar, add the whites, then flour and milk in turns.
Bake 28 to 32 minutes. Cool 10 minutes in the pans, then on a rack.
Heat the whites, sugar and cream of tartar over simmering water, then whip to stiff peaks. Fill and cover the whole cake with it.`,
    asked: { strips: true },
  },
  whiteInDish: {
    name: "Net loft white sheet",
    text: `Net loft white sheet

225 g butter
400 g sugar
5 egg whites
340 g flour
1 tbsp baking powder
300 ml milk

Oven 350°F. Butter a 9x13 dish.
Cream butter and sugar, beat in whites, add flour and milk by turns. Spread in the dish.
Bake 30-35 min. Cool in the dish and serve it from there.`,
  },
  mug: {
    name: "Night watch mug",
    text: `Night watch mug cake

4 tbsp flour
3 tbsp sugar
2 tbsp cocoa
1/4 tsp baking powder
3 tbsp milk
2 tbsp oil

Stir everything in a 350 ml mug with a fork.
Microwave on full power (800 W) for 70 to 90 seconds. Leave to stand for 2 minutes and eat from the mug.`,
  },
  crumbApple: {
    name: "Crumb-topped apple cake",
    text: `Crumb-topped apple cake

150 g butter
150 g sugar
3 eggs
200 g flour
2 tsp baking powder
3 apples, peeled and sliced

For the crumble:
100 g flour
75 g butter
75 g demerara sugar

Heat oven to 170 C. Grease and line a 23 cm springform tin.
Rub the crumble together and chill it.
Cream butter and sugar, beat in eggs, fold in flour and baking powder.
Spread half in the tin, lay the apples on, cover with the rest. Scatter the crumble over the top.
Bake 55 to 65 minutes. Cool in the tin for 20 minutes, then release.`,
  },
  eggFreeOne: {
    name: "Egg-free vinegar cake",
    text: `Egg-free vinegar cake

225 g plain flour
200 g sugar
1 tsp bicarbonate of soda
80 ml oil
1 tbsp vinegar
240 ml water

180 C, a greased 20 cm square tin.
Stir the dry things, make wells for oil and vinegar, pour water over, stir until just smooth.
Into the tin and bake for 30 to 35 minutes. Cool in the tin for 10 minutes.`,
  },
  eggFreeTwo: {
    name: "Egg-free curd loaf",
    text: `Egg-free yogurt loaf

200 g plain flour
150 g sugar
1 1/2 tsp baking powder
1/2 tsp bicarb
240 g yogurt
100 ml oil

Preheat the oven to 180 C. Line a 900 g loaf tin.
Mix the yogurt, sugar and oil; fold in the rest. Bake for 45 to 50 minutes.
Leave 10 minutes in the tin and turn out.`,
  },
  rootPudding: {
    name: "Cassava pudding cake",
    text: `Grated cassava pudding

1 kg cassava, peeled and grated
400 ml coconut milk
250 g sugar
3 eggs
100 g butter, melted
1 tsp nutmeg

Heat the oven to 180 C. Butter a 28 x 20 cm baking dish.
Mix it all and pour into the dish. Bake for 60 to 70 minutes, until the edges are brown and the middle no longer wobbles.
Cool in the dish until quite cold. Cut into 24 portions; wrap and freeze what is not eaten for up to 3 months.`,
  },
  custardDrip: {
    name: "Custard-powder cake",
    text: `Harbour custard cake

200 g butter, soft
200 g caster sugar
4 eggs
150 g self-raising flour
50 g custard powder
2 tbsp milk

For the buttercream: 150 g butter and 300 g icing sugar, beaten.
For the drip: 100 g dark chocolate melted into 100 ml double cream.

Heat oven to 180 C, line two 20 cm sandwich tins.
Beat all the cake things together for 2 minutes. Divide between the tins and bake for 25 minutes.
Turn out after 5 minutes and cool.
Sandwich and cover with the buttercream and chill. Drip the chocolate over the edge.`,
  },
  carrotSheet: {
    name: "Carrot sheet",
    text: `Carrot sheet

4 eggs
1 1/4 cups vegetable oil
2 cups white sugar
2 cups all-purpose flour
2 tsp baking soda
2 tsp cinnamon
3 cups grated carrots
1 cup chopped pecans

Frosting
1/2 cup butter
8 oz cream cheese
4 cups confectioners' sugar

Preheat oven to 350 degrees F. Grease and flour a 9x13 inch pan.
Beat together eggs, oil and sugar. Mix in flour, soda and cinnamon. Stir in carrots. Fold in pecans. Pour into pan.
Bake for 40 to 50 minutes. Let cool in pan for 10 minutes, then turn out onto a wire rack and cool completely.
Beat butter, cream cheese and sugar until smooth. Frost the cooled cake.`,
  },
  nutTop: {
    name: "Hazelnut cake",
    text: `Ropewalk hazelnut cake

200 g butter
200 g sugar
4 eggs
100 g flour
200 g ground hazelnuts
1 tsp baking powder
80 g whole hazelnuts for the top

Oven 170 C, lined 23 cm springform.
Cream, beat in the eggs, fold in flour, nuts and baking powder.
Into the tin, strew the whole hazelnuts over the top and bake for 50 minutes.
Cool in the tin for 15 minutes.`,
  },
  threeByWeight: {
    name: "Three by weight",
    text: `Ferry wedding sponge

450 g butter
450 g caster sugar
8 eggs
450 g self-raising flour
4 tbsp milk

Oven to 170 C. Line three 20 cm round tins.
Cream the butter and sugar, add the eggs and fold in the flour and milk.
Weigh the batter into the tins so that they are the same. Bake for 30 to 35 minutes.
Leave for ten minutes and turn out.`,
  },
  closedPot: {
    name: "Pot cake",
    text: `No-oven pot cake

200 g flour
150 g sugar
1 tsp baking powder
1/2 tsp bicarb
180 g yogurt
90 ml oil

Spread 2 cups of salt in a heavy pot or pressure cooker, put a stand in, close the lid without the weight and heat for 10 minutes on medium.
Mix everything and pour into a greased 18 cm round tin.
Lower it into the pot, cover and cook on low heat for 40 to 45 minutes. Do not open for the first 30 minutes.
Cool in the tin for 10 minutes.`,
  },
  loafGanache: {
    name: "Stout loaf",
    text: `Stout loaf with ganache

175 g butter
200 g dark sugar
3 eggs
200 g flour
40 g cocoa
1 tsp bicarb
200 ml stout

Ganache
100 g dark chocolate
100 ml double cream

Heat the oven to 170 C. Line a 23 x 13 cm loaf tin.
Cream butter and sugar, add eggs, then flour, cocoa and bicarb, and the stout.
Bake for 55 to 60 minutes. Cool 15 minutes in the tin, then on a rack until cold.
Pour the hot cream over the chocolate, stir, and let it thicken for 20 minutes. Pour over the cold loaf.`,
  },
  twoTins: {
    name: "Two tins, one first",
    text: `Big and little ginger

250 g golden syrup
150 g butter
150 g dark sugar
350 g flour
2 tsp ginger
1 1/2 tsp bicarb
2 eggs
250 ml milk

Oven to 160 C. Line a 23 cm square tin.
Melt syrup, butter and sugar; stir in the rest; the batter is runny.
Pour into the tin and bake for 45 to 50 minutes. Cool in the tin.`,
    asked: {
      tins: [
        { shape: "square", sideMm: 200, depthMm: 50 },
        { shape: "loaf", lengthMm: 190, widthMm: 90, depthMm: 60 },
      ],
    },
  },
  bananaSquare: {
    name: "Banana square",
    text: `Banana square

3 ripe bananas
120 g butter, melted
180 g brown sugar
2 eggs
200 g flour
1 tsp baking soda

Heat oven to 175°C (155°C fan). Line a 20 cm square tin.
Mash, mix and bake for 35-40 minutes. Lift it out by the paper after 10 minutes.
Serves 9.`,
  },
  upsideDown: {
    name: "Upside-down pineapple",
    text: `Upside-down pineapple cake

For the floor: 60 g butter, 100 g brown sugar, 7 pineapple rings
150 g butter
150 g sugar
3 eggs
200 g flour
2 tsp baking powder
100 ml milk

Oven 175 C. Melt the floor butter and sugar in a 23 cm round tin and lay the pineapple rings on the bottom.
Cream butter and sugar, beat in eggs, fold in flour and milk. Spread over the fruit.
Bake for 45 to 50 minutes. Leave 5 minutes, then turn out onto a plate while the syrup still runs.`,
  },
} as const satisfies Readonly<Record<string, OwnWay>>;
