<?php

declare(strict_types=1);

namespace Tests\Core\Method;

/** Lists and methods, what the method after the swap must say, and what it must not. */
final class Bowls
{
    /** @return iterable<string, array{string, string, list<string>, string}> */
    public static function bowls(): iterable
    {
        yield 'a part that is made by its name' => [
            "Snow squares\nMakes 12\n\nFor the sponge:\n150 g flour\n120 g sugar\n3 eggs\n\nFor the icing:\n200 g icing sugar\n20 g cocoa\n60 ml milk",
            "Beat eggs and sugar till thick, fold in the flour. Bake at 180 °C for 25 minutes.\nMix icing until smooth and spread it.",
            ['Mix icing \(now with [^)]*powdered'],
            'does not say|Mix in the powdered',
        ];
        yield 'of two things in a line the second goes with the first' => [
            "Coffee cream\nServes 6\n400 g cream\n80 g sugar\n2 tbsp instant espresso powder dissolved in 3 tbsp hot water",
            'Whip the cream with the sugar, fold in the espresso.',
            ['fold in the espresso'],
            'does not say when the water',
        ];
        yield 'grams in a sentence follow the swap' => [
            "Harbour cake\nServes 8\n150 g flour\n150 g sugar\n100 g butter\n3 eggs",
            "Beat the eggs with the sugar, fold in the flour and 100 g melted butter.\nBake at 180 °C for 40 minutes.",
            ['and \d\d g melted butter'],
            '100 g melted',
        ];
        yield 'baking powder waits for the flour' => [
            "Mooring cake\nServes 9\n200 g flour\n150 g brown sugar\n1 tsp baking soda\n150 ml boiling water\n80 g butter\n2 eggs",
            "Pour the boiling water over the baking soda.\nCream butter and sugar, beat in eggs, fold in the flour, then the water.\nBake at 180 °C for 40 minutes.",
            [],
            'over the baking powder',
        ];
        yield 'nuts in the place of dates are not soaked' => [
            "Mooring pudding\nServes 9\n200 g flour\n150 g sugar\n2 tsp baking powder\n200 g dates\n150 ml water\n80 g butter\n2 eggs",
            "Pour the water over the dates, leave 30 minutes.\nCream butter and sugar, beat in eggs, fold in the flour and baking powder.\nBake at 180 °C for 40 minutes.",
            ['over the pecans'],
            'mash|leave 30',
        ];
        yield 'a flour mixture that no sentence mixed' => [
            "Quay cake\nServes 9\n200 g flour\n150 g sugar\n2 tsp baking powder\n1/4 tsp salt\n80 g butter\n2 eggs",
            "Cream butter and sugar, beat in eggs. Fold in the flour mixture.\nBake at 180 °C for 40 minutes.",
            ['flour mixture \(now with almond flour'],
            'does not say|Mix in the',
        ];
        yield 'mashed dates are a purée, that needs no mashing' => [
            "Mooring pudding\nServes 9\n200 g flour\n150 g sugar\n2 tsp baking powder\n200 g dates\n150 ml water\n80 g butter\n2 eggs",
            "Pour the water over the dates, leave 30 minutes, then mash.\nCream butter and sugar, beat in eggs, fold in the flour and baking powder.\nBake at 180 °C for 40 minutes.",
            ['over the pumpkin purée\.'],
            'mash|leave 30|pecan',
        ];
        yield 'chocolate that cools is no fruit that soaks' => [
            "Quay mousse\nServes 6\n200 g dark chocolate (70%)\n4 eggs, separated\n50 g sugar\n200 ml whipping cream",
            'Melt the chocolate and let it cool slightly. Beat the yolks in. Whip the cream. Whisk the whites with the sugar. Fold all together. Chill 4 hours.',
            ['and let it cool slightly'],
            'as is usual',
        ];
        yield 'the rest of a thing is of that thing' => [
            "Quay rolls\nMakes 12\nDough\n200 ml milk\n7 g dried yeast\n50 g sugar\n400 g flour\n50 g butter\n1 egg\n\nFilling\n140 g brown sugar\n2 tsp cinnamon",
            "Stir the yeast into the warm milk with a pinch of the sugar. Stir in the rest of the sugar, the egg and butter, then the flour; knead. Let it rise 1 hour.\nRoll out, sprinkle with the brown sugar and cinnamon, roll up, cut into 12. Bake at 180 °C for 22 minutes.",
            ['the rest of the sweetener, the egg'],
            'now with .*golden',
        ];
        yield 'the cinnamon mix is the cinnamon and its sugar' => [
            "Quay bites\nMakes 20\n170 g mozzarella\n85 g almond flour\n1 egg\n20 g erythritol\n\nCoating\n30 g melted butter\n36 g erythritol\n2 tsp cinnamon",
            'Melt the mozzarella, knead in the almond flour, erythritol and egg. Roll into 20 balls. Bake at 200 °C for 12 minutes. Brush with butter, roll in the cinnamon mix.',
            ['roll in the cinnamon mix'],
            'does not say',
        ];
        yield 'one word for all of it' => [
            "Quay waffles\nMakes 4\n2 eggs\n60 g sugar\n100 g flour\n1/2 tsp cinnamon\n\nTopping\n20 g butter\n10 g sugar\n1/2 tsp cinnamon",
            'Heat a waffle maker. Mix, cook half 3 minutes, repeat. Brush with the butter, toss in the sugar and cinnamon.',
            ['Mix \(now with .*almond flour.*\), cook half'],
            'does not say|as is usual',
        ];
        yield 'a part that is strewn on needs no making' => [
            "Quay buns\nMakes 12\n200 g flour\n2 tsp baking powder\n100 g sugar\n2 eggs\n100 g butter\n\nTopping:\n20 g sugar",
            'Beat butter and sugar, then the eggs and flour with the baking powder. Fill 12 cups, sprinkle topping. 375 for 25 min',
            ['sprinkle topping \(now with erythritol', '355 °F / 180 °C for 28 minutes'],
            'as is usual|smooth',
        ];
        yield 'several milks in a word' => [
            "Quay cake\nMakes 12\nCake\n200 g flour\n150 g sugar\n4 eggs\n80 ml milk\n\nMilk mixture:\n300 ml evaporated milk\n1 can sweetened condensed milk\n60 ml cream",
            "Whisk eggs and sugar, fold in the flour and milk. Bake at 170 °C for 35 minutes.\nStir milks together and pour over the cake.",
            ['Stir whipping cream and water and condensed milk together'],
            'as is usual|does not say',
        ];
        yield 'a setting point in brackets goes with them' => [
            "Quay jam\nMakes 3 jars\n500 g blackberries\n500 g sugar\njuice of 1 lemon",
            'Simmer the fruit. Add sugar and lemon, boil hard till setting point (105C). Pot in jars.',
            ['till setting point\.'],
            '\(\s*\)|105',
        ];
        yield 'caramel is browned of what browns' => [
            "Quay custards\nServes 6\n120 g sugar + 3 tbsp water for the caramel\n500 ml milk\n4 eggs\n80 g sugar",
            'Boil the 120 g sugar with the water to a dark amber caramel, pour into 6 ramekins. Warm the milk, beat it into the eggs with the 80 g sugar. Bake at 150 °C for 35 minutes.',
            ['Boil the allulose and monk fruit extract with the water'],
            'Boil the [^.]*erythritol',
        ];
        yield 'a part by its name before a food, and things for ingredients' => [
            "Quay cake\nServes 10\nCake:\n150 g butter\n150 g sugar\n3 eggs\n150 g flour\n\nCrumble:\n60 g flour\n40 g butter\n30 g demerara\n\nSauce:\n100 ml cream\n50 g golden syrup",
            "Cream butter and sugar, beat in eggs, fold in flour.\nRub crumble butter into flour, stir in sugar, scatter on top. Bake at 170 °C for 55 minutes.\nMelt sauce things together.",
            ['Rub crumble butter into almond flour', 'Melt sauce things together'],
            'as is usual',
        ];
        yield 'a purée is not mashed smooth' => [
            "Quay bread\nServes 10\n3 bananas\n75 g butter\n100 g sugar\n1 egg\n180 g flour",
            'Mash the bananas with a fork until completely smooth. Stir in the butter, sugar, egg and flour. Bake at 170 °C for 50 minutes.',
            ['Take the pumpkin purée\.'],
            'fork|smooth',
        ];
        yield 'what is for dusting goes on where it is dusted, each sugar at its time' => [
            "Quay rounds\nMakes 24\n250 g flour\n125 g lard\n100 g icing sugar, plus 50 g to coat\n1 tsp cinnamon",
            'Mix flour, sugar, cinnamon. Rub in the lard. Cut 24 rounds. Bake 15 mins at 180 °C. Dredge with the rest of the icing sugar.',
            ['Dredge with the rest of the powdered erythritol'],
            'Mix [^.]*powdered erythritol|does not say',
        ];
        yield 'a word for it' => [
            "Quay pies\nMakes 18\n225 g butter\n350 g flour\n100 g sugar\n280 g mincemeat\n1 egg\nicing sugar, to dust",
            'Rub the butter into the flour, mix in the sugar. Press into 18 holes, spoon in mincemeat. Brush with beaten egg. Bake at 200 °C for 20 minutes. Leave in the tin. Dust.',
            ['Dust \(now with powdered erythritol\)', 'First the filling: .*pecans.*clings'],
            'Mix in the powdered erythritol|does not say',
        ];
        yield 'all but what comes later' => [
            "Quay pudding\nServes 2\n3 tbsp chia seeds\n240 ml almond milk\n20 g sugar\n40 g raspberries",
            'Stir all but raspberries. Chill overnight. Top with raspberries.',
            ['Stir all \(now with [^)]*\) but raspberries|Stir all but raspberries'],
            'does not say|as is usual',
        ];
        yield 'water is not brushed on' => [
            "Quay pies\nMakes 12\n225 g butter\n350 g flour\n100 g sugar\n280 g mincemeat\n1 small egg, beaten",
            'Rub butter into flour, mix in the sugar and combine into a ball. Line 12 holes, spoon the mincemeat in and put on lids. Brush the tops with the beaten egg. Bake at 200 °C for 20 minutes.',
            ['work in the water', 'with the beaten egg\.'],
            'now with water|does not say',
        ];
        yield 'sweet things of one list are said once' => [
            "Quay sauce\nServes 8\n150 g cream\n160 g corn syrup\n70 g brown sugar\n25 g cocoa",
            'Bring cream, corn syrup, brown sugar and cocoa to a boil and cook for 5 minutes. Keeps 1 week in the fridge.',
            ['Bring cream, allulose[^.]*cocoa to a boil', 'Keeps 1 week in the fridge'],
            'allulose[^.]*allulose|does not say',
        ];
        yield 'the icing is the fine sugar of another part' => [
            "Quay buns\nMakes 9\n400 g flour\n7 g yeast\n60 g butter\n200 ml water\n\nGlaze\n2 tbsp jam\n100 g icing sugar mixed with 1 tbsp water",
            'Mix flour, yeast, butter and water, knead and prove. Bake at 190 °C for 25 minutes. Warm the jam, brush over the buns. Cool, drizzle with the icing.',
            ['drizzle with the icing \(now with powdered'],
            'next step|does not say',
        ];
        yield 'drained fruit is not the fresh, and its syrup is gone' => [
            "Quay gateau\nServes 12\n4 eggs\n120 g sugar\n120 g flour\n\nFilling\n1 x 425 g tin black cherries in syrup\n400 ml cream\n\nTo decorate: 12 fresh cherries",
            'Whisk the eggs and sugar, fold in the flour, bake at 180 °C for 30 minutes. Drain the cherries, keep some of the syrup and brush the cake with the syrup. Whip the cream. Fill with cream and the drained cherries. Decorate with fresh cherries.',
            ['some of the sweetened water', 'fresh cherries'],
            'does not say|of the raspberries',
        ];
        yield 'water that is said is not said again' => [
            "Quay pie\nServes 8\n1 unbaked pie crust\n3 eggs\n300 g sugar\n25 g flour\n110 g butter, melted\n245 ml buttermilk",
            'Beat the eggs and sugar, add the butter and flour, fold in the buttermilk and pour into the crust. Bake at 180 °C for 50 minutes.',
            ['fold in the whipping cream, water'],
            'now with water|does not say',
        ];
        yield 'syrup that is spooned in first lies by itself' => [
            "Quay steamed pudding\nServes 6\n3 tbsp golden syrup\n175 g butter\n175 g sugar\n3 eggs\n175 g self-raising flour",
            'Butter a 1.2 litre pudding basin and spoon in the syrup. Beat together the butter and sugar until pale, then the eggs. Fold in the flour, cover and steam for 90 minutes.',
            ['spoon in the allulose', 'Beat together the butter and allulose'],
            'does not say|Beat together the butter until',
        ];
        yield 'cream of tartar is no cream' => [
            "Quay meringue\nServes 10\n5 egg whites\n250 g sugar\npinch cream of tartar\n\nCoffee cream:\n300 ml double cream\n2 tbsp icing sugar",
            'Whisk whites with cream of tartar to stiff peaks, whisk in the sugar. Bake at 140 °C for 60 minutes. Whip cream with icing sugar; sandwich the meringues.',
            ['with cream of tartar to', 'Whip cream with powdered allulose'],
            'now with|does not say',
        ];
        yield 'slices of a fruit are the fruit' => [
            "Quay sundaes\nServes 4\n1 x 410g can peach slices in juice, drained\n400 ml cream\n40 g flaked almonds",
            'Layer the peaches and cream in glasses. Scatter with almonds.',
            ['Layer the raspberries and'],
            'peaches|Mix in',
        ];
        yield 'the dry is of the part that has flour' => [
            "Quay slice\nMakes 24\n\nBase\n135 g oats\n180 g flour\n200 g brown sugar\n225 g butter\n\nFilling\n300 g dates\n240 ml water",
            'Cook dates with water until thick, cool. Rub butter into the dry. Press half in a tin, spread the dates, cover with the rest. Bake at 175 °C for 35 minutes.',
            ['Cook pumpkin', 'into the dry \(now with [^)]*almond flour'],
            'the rest \(|does not say',
        ];
        yield 'what dusts a towel is for the filling' => [
            "Quay roll\nServes 10\n\nCake\n3 eggs\n200 g sugar\n90 g flour\n\nFilling\n225 g cream cheese\n60 g butter\n110 g powdered sugar",
            "Beat the eggs and sugar, fold in the flour. Bake at 190 °C for 15 minutes.\nTurn out on a towel sprinkled with powdered sugar, roll towel and cake together; cool.\nBeat the filling ingredients, spread over the cake, roll.",
            ['sprinkled with powdered sweetener', 'Beat the filling ingredients \(now with powdered'],
            'fragile while hot|does not say',
        ];
        yield 'cream that is there already is said once' => [
            "Quay pots\nServes 6\n170 g dark chocolate\n230 g heavy cream\n180 ml milk\n4 egg yolks\n25 g sugar",
            'Bring cream and milk to a simmer. Whisk the yolks and sugar, whisk in the cream, cook until it coats a spoon and pour over the chocolate.',
            ['Bring cream and water to'],
            'cream and whipping cream|does not say',
        ];
        yield 'what is blitzed in a word' => [
            "Quay sauce\nServes 6\n300 g raspberries\n50 g icing sugar",
            'Whizz, push through a sieve.',
            ['^Whizz \(now with powdered'],
            'Warm|does not say',
        ];
        yield 'a fork takes no flour of the list' => [
            "Quay cookies\nMakes 36\n100 g butter\n130 g peanut butter\n200 g sugar\n1 egg\n150 g flour\n1/2 tsp baking powder",
            'Cream butter, peanut butter, sugar and egg. Sift dry ingredients; blend in. Roll in balls, flatten with a fork dipped in flour. Bake at 190 °C for 11 minutes.',
            ['Sift dry ingredients \(now with almond flour', 'dipped in almond flour\.'],
            'does not say|Mix in',
        ];
        yield 'what is scattered on top is said' => [
            "Quay pudding\nServes 16\n500 g white bread\n600 ml milk\n2 eggs\n140 g brown sugar\n2 tbsp demerara sugar",
            'Tear the bread into the milk. Add the eggs and brown sugar, tip into a tin, scatter with demerara, bake at 180 °C for 90 minutes.',
            ['scatter with sweetener, bake'],
            'scatter,|scatter with,',
        ];
        yield 'what is combined are the dry and the wet' => [
            "Quay doughnuts\nMakes 12\n240 g flour\n5 g baking soda\n200 g sugar\n1 egg\n120 ml milk\n\nCoating\n200 g sugar\n1 tsp cinnamon\n85 g melted butter",
            'Whisk dry ingredients. Whisk wet ingredients. Combine. Pipe into a pan and bake at 175 °C for 10 minutes. Dip in the melted butter, then in the cinnamon sugar.',
            ['Combine\. Pipe', 'in the cinnamon sweetener'],
            'Combine \(|does not say|Mix in',
        ];
        yield 'what comes later has its new name too' => [
            "Quay pudding\nServes 6\n200 g pudding rice\n600 ml whole milk\n75 g sugar\n1 mango, diced, to serve",
            'Put everything except the mango in the slow cooker and cook on low for 4 hours. Serve topped with mango.',
            ['except the raspberries in', 'topped with raspberries'],
            'mango|does not say',
        ];
        yield 'wet are syrup and mashed fruit too' => [
            "Quay muffins\nMakes 12\n200 g flour\n2 tsp baking powder\n3 bananas, mashed\n80 ml oil\n80 ml maple syrup\n120 ml milk\n60 g walnuts",
            'Mix dry ingredients. Mix wet ingredients. Combine, fold in walnuts. Bake at 180 °C for 22 minutes.',
            ['wet ingredients \(now with pumpkin purée, allulose'],
            'Mix in|does not say',
        ];
        yield 'the gum goes in with everything' => [
            "Quay rice pudding\nServes 6\n200 g pudding rice\n400 ml coconut milk\n600 ml whole milk\n75 g sugar",
            'Put everything in the slow cooker, stir and cook on low for 4 hours.',
            ['everything \(now with [^)]* and xanthan gum\)'],
            'does not say|Whisk the xanthan',
        ];
        yield 'one powder is mixed with nothing' => [
            "Quay softs\nMakes 30\n20 g gelatine\n200 ml water\n300 g sugar\n\nTo coat\n50 g icing sugar\n50 g cornflour",
            'Soak the gelatine in the water. Heat the sugar with it, whip for 12 minutes, pour into a dusted tin. Cut.',
            ['To coat: the powdered erythritol\.'],
            'together|xanthan',
        ];
        yield 'what is stuffed is no group' => [
            "Quay apples\nServes 4\n4 large apples\n60 g sultanas\n60 g sugar\n50 g butter\n100 ml apple juice",
            'Mix sultanas and sugar and stuff into the apples. Dot with the butter, pour the juice around and bake at 190 °C for 35 minutes.',
            ['and stuff into the apples', 'pour the water around'],
            'now with|does not say',
        ];
        yield 'water is not sifted' => [
            "Quay rounds\nMakes 18\n180 g flour\n50 g semolina\n130 g ghee\n90 g icing sugar\n1/4 tsp salt",
            'Whip ghee and sugar. Sieve flour, semolina and salt; knead into a dough. Shape balls, bake at 170 °C for 18 minutes.',
            ['and salt, then work in the water; knead'],
            'Sieve [^;]*water[^;]*salt',
        ];
        yield 'a part by what it is, or by the last of its words' => [
            "Quay whirls\nMakes 12\nSweet pastry:\n200 g butter\n50 g icing sugar\n200 g flour\n\nFilling:\n100 g butter\n170 g icing sugar\n50 g strawberry jam",
            "Make the pastry, chill it, roll it and bake at 180 °C for 13 minutes.\nBeat buttercream. Sandwich with jam and buttercream.",
            ['Make the pastry \(now with .*almond flour', 'Beat buttercream \(now with powdered allulose'],
            'as is usual|does not say',
        ];
        yield 'fruit that a heading gathers' => [
            "Quay loaf\nServes 12\nDough:\n300 g flour\n100 g butter\n60 g sugar\n2 eggs\n\nFruit:\n50 g sultanas\n25 g almonds\nzest of half a lemon\n100 g marzipan\nIcing sugar",
            'Mix the flour, butter, sugar and eggs. Fold in fruit. Put the marzipan down the middle. Bake at 180 °C for 40 minutes. Dust thickly.',
            ['Fold in [^.]*almonds and lemon zest\.', 'Dust \(now with powdered erythritol\) thickly'],
            'does not say|Fold in [^.]*almond paste',
        ];
        yield 'a packet of cake mix, sweetened and lifted as it was' => [
            "Quay cake\nServes 15\n1 box white cake mix (432 g)\n1 cup water\n1/2 cup oil\n3 egg whites",
            'Prepare cake with water, oil and whites per box, bake at 180 °C for 28 minutes.',
            ['per box \(now with almond flour.*baking powder.*allulose'],
            'too in the next step|does not say',
        ];
        yield 'slices that are buttered, and fat by that name' => [
            "Quay pudding\nServes 6\n1 loaf brioche (400g), sliced\n60 g butter\n3 eggs\n50 g sugar\n500 ml milk",
            'Butter the slices, layer in a dish. Whisk eggs, sugar and milk, pour over. Bake at 180 °C for 35 minutes.',
            ['Butter the low-carb bread'],
            'Mix in|does not say',
        ];
        yield 'nests are baked first' => [
            "Quay mess\nServes 4\n500 g strawberries\n400 ml double cream\n3 meringue nests",
            'Whip cream, fold in strawberries and meringue.',
            ['First the meringue: whip the egg white', 'strawberries and meringue'],
            'now with egg white',
        ];
        yield 'more water is poured with the water' => [
            "Quay vegan cake\nServes 9\n180 g flour\n200 g sugar\n70 ml oil\n5 g vinegar\n240 ml water\n1 tsp baking soda",
            'Mix dry ingredients in the pan. Make 3 wells; oil in one, vinegar in the other. Pour water over, mix. Bake at 180 °C for 35 minutes. 9 pieces.',
            ['Mix dry ingredients \(now with almond flour', 'Pour water over'],
            'dry ingredients \([^)]*water|now with water|vinegar \(',
        ];
        yield 'the milk is the milk, before what is condensed of it' => [
            "Quay torte\nServes 12\n1 tin condensed milk (397 g)\n250 ml whole milk\n150 g butter\n4 eggs, separated\n110 g caster sugar\n150 g flour",
            'Melt butter in the milk, add the condensed milk and the yolks. Whites and sugar to peaks, fold in with the flour. 24cm, 170C 55 min.',
            ['Melt butter in the whipping cream'],
            'does not say|in the condensed milk',
        ];
        yield 'the rest of what was begun is no group' => [
            "Quay curd\nServes 6\n20 g cornflour\n150 ml water\n75 g sugar\n3 egg yolks\n40 g butter",
            'Mix the cornflour with a bit of the water. Boil the rest, pour onto the cornflour, cook till thick. Off the heat add sugar, yolks, butter.',
            ['Boil the rest, pour', 'add allulose'],
            'the rest \(',
        ];
        yield 'two things with a sign between are two, and an icing beaten whole' => [
            "Quay fool\nServes 4\n400 g rhubarb\n75 g sugar\n2 balls stem ginger\n200 ml double cream\n4 gingernut biscuits\n\nRoyal icing:\n480 g icing sugar\n20 g meringue powder\n90 ml water",
            "Cook rhubarb and sugar. Whip cream, swirl in rhubarb, chopped ginger & biscuits on top.\nIcing: beat all on low 7 min.",
            ['chopped ginger & crumbs', 'Icing \(now with [^)]*\): beat all'],
            'as is usual|does not say',
        ];
        yield 'starch by that name' => [
            "Quay rounds\nMakes 20\n150 g flour\n200 g cornflour\n130 g butter\n100 g icing sugar\n3 egg yolks",
            'Beat butter and sugar, then the yolks. Sift in the starch and flour. Roll 5 mm thick and cut 40 rounds. Bake at 170 °C for 10 minutes.',
            ['Sift in the almond flour'],
            'the starch',
        ];
        yield 'nor by the other order of words' => [
            "Mooring pudding\nServes 9\n200 g flour\n150 g sugar\n2 tsp baking powder\n200 g dates\n150 ml water\n80 g butter\n2 eggs",
            "Soak dates in the water for 20 mins, mash with fork.\nCream butter and sugar, beat in eggs, fold in the flour and baking powder.\nBake at 180 °C for 40 minutes.",
            ['Mix pumpkin purée in the water\.'],
            'mash|[Ss]oak|20 mins',
        ];
        yield 'all of a part in two words' => [
            "Quay loaf\nServes 9\n200 g flour\n150 g sugar\n80 g butter\n2 eggs\n\nSauce\n100 g sugar\n100 ml double cream\n50 g butter",
            "Cream butter and sugar, beat in eggs, fold in the flour. Bake at 180 °C for 40 minutes.\nSauce - melt it all together and bubble 2 minutes.",
            ['melt it all'],
            'as is usual',
        ];
        yield 'of a measured part it stays a part' => [
            "Quay rounds\nMakes 12\n200 g flour\n1 cup chocolate chips\n100 g sugar\n100 g butter\n1 egg",
            "Cream butter and sugar, beat in egg, fold in the flour and 3/4 cup of the chips. Scatter the remaining chips over.\nBake at 180 °C for 14 minutes.",
            ['part of the sugar-free'],
            '3/4',
        ];
        yield 'several flours are one mixture' => [
            "Quay cake\nServes 9\n200 g flour\n150 g sugar\n2 tsp baking powder\n80 g butter\n2 eggs",
            "Whisk flour and baking powder. Cream butter and sugar, beat in eggs. Fold in the flour mixture.\nBake at 180 °C for 40 minutes.",
            ['in the flour mixture'],
            'flours mixture|mix mixture',
        ];
        yield 'ground nuts are nuts where there are no others' => [
            "Quay rounds\nMakes 20\n200 g flour\n100 g ground hazelnuts\n100 g sugar\n150 g butter",
            'Cream butter and sugar, fold in flour and nuts. Bake at 170 °C for 14 minutes.',
            ['and nuts'],
            'does not say',
        ];
        yield 'crumbs that were made are taken' => [
            "Quay squares\nServes 9\n200 g digestive biscuits\n80 g butter\n300 g cream cheese\n80 g sugar",
            "Crush the biscuits to fine crumbs. Mix with melted butter.\nBeat the cream cheese with the sugar and spread it on. Chill for 3 hours.",
            ['Take the crumbs'],
            'Crush|to fine crumbs',
        ];
        yield 'butter cream of tins is not poured into each other' => [
            "Milk slices\nServes 9\n1 tin evaporated milk\n1 tin sweetened condensed milk\n6 g gelatine",
            'Warm the evaporated milk with the condensed milk, stir in the gelatine and chill.',
            ['simmer 218 g whipping cream'],
            'simmer (?!218)\d+ g whipping cream',
        ];
        yield 'an egg that came for the flour goes in with what is wet' => [
            "Quay scones\nMakes 8\n250 g flour\n2 tsp baking powder\n40 g sugar\n300 ml whipping cream",
            "Sift the flour, baking powder and sugar. Stir in the cream.\nBake at 200 °C for 16 minutes.",
            ['in the cream \(now with egg\)'],
            'Sift[^.]*egg',
        ];
        yield 'what cooks on with the fruit goes on cooking' => [
            "Quay rice\nServes 4\n100 g pudding rice\n800 ml milk\n60 g sugar\n60 g raisins",
            'Simmer the rice in the milk with the sugar for 30 minutes. Stir in the raisins, cook 2 minutes more.',
            ['pecans, cook 2 minutes more'],
            'pecans more|dry mix',
        ];
        yield 'nuts that came for fruit beside nuts are more of them' => [
            "Quay loaf\nServes 9\n200 g flour\n150 g sugar\n80 g butter\n2 eggs\n80 g pecans\n80 g raisins",
            "Cream butter and sugar, beat in eggs, fold in the flour, then the pecans and raisins.\nBake at 180 °C for 40 minutes.",
            ['the pecans and more pecans'],
            'raisins',
        ];
        yield 'a purée is not mashed' => [
            "Quay muffins\nMakes 12\n250 g flour\n100 g sugar\n3 ripe bananas\n2 eggs\n80 ml oil\n2 tsp baking powder",
            "Mash the bananas, stir in the sugar, eggs and oil. Fold in the flour and baking powder.\nBake at 180 °C for 20 minutes.",
            ['Take the pumpkin'],
            'Mash',
        ];
        yield 'gum clumps where starch is slaked' => [
            "Quay custard\nServes 4\n500 ml cream\n20 g cornflour\n60 g sugar\n50 ml water",
            'Mix the cornflour with the water. Heat the cream with the sugar, whisk in the cornflour and boil.',
            ['from a sieve', 'whisk in the xanthan gum'],
            'cornflour',
        ];
        yield 'of soda and water the water is left' => [
            "Quay rounds\nMakes 20\n150 g flour\n100 g oats\n120 g butter\n100 g brown sugar\n60 g golden syrup\n1/2 tsp baking soda\n1 tbsp boiling water",
            "Combine flour, oats and sugar. Melt butter and syrup. Mix the soda with the water, add to the butter (it will froth), then stir into the dry ingredients. Roll into balls.\nBake at 160 °C for 15 minutes.",
            ['Take the water, add to the butter, then'],
            'Mix the water|froth',
        ];
        yield 'a verb is no food, whatever stands behind it' => [
            "Quay creams\nServes 6\n600 ml milk\n100 g sugar\n4 eggs",
            'Heat oven to 150C. Warm milk with half the sugar. Whisk the eggs with the rest of the sugar, pour on. Bake 35 minutes.',
            ['Warm whipping cream and water'],
            'oven to (?:whipping|milk)',
        ];
        yield 'ground almonds are not the whole ones' => [
            "Quay fruit cake\nServes 14\n200 g flour\n150 g sugar\n150 g butter\n3 eggs\n100 g ground almonds\n50 g whole almonds, to decorate\n3 tbsp marmalade\n200 g raisins",
            "Cream the butter and sugar, beat in the eggs and marmalade. Fold in the flour and ground almonds, then the fruit. Arrange the almonds on top.\nBake at 150 °C for 90 minutes.",
            ['and ground almonds, then the pecans'],
            'does not say|marmalade, pecans',
        ];
        yield 'of one part it stays in the part' => [
            "Quay pie\nServes 8\n\nFilling\n150 ml lemon juice\n250 ml water\n180 g sugar\n40 g cornflour\n4 egg yolks\n\nMeringue\n4 egg whites\n180 g sugar\n1 tsp cornflour",
            "Mix the cornflour with a little of the water. Boil the rest of the water with the juice and sugar; whisk in the cornflour, off the heat beat in the yolks.\nWhisk the whites, add the sugar, then the cornflour. Bake at 180 °C for 20 minutes.",
            ['whisk in the xanthan gum'],
            'whisk in the cornflour',
        ];
        yield 'dry things that no sentence names go in with all that is dry' => [
            "Quay pudding\nServes 10\n200 g raisins\n100 g suet\n100 g flour\n150 g sugar\n2 eggs\n100 ml milk",
            'Mix all the dry ingredients. Beat the eggs with the milk and stir in. Steam for 3 hours.',
            ['dry ingredients \(now with [^)]*pecans'],
            'does not say|Mix in',
        ];
        yield 'everything in at once' => [
            "Quay bites\nMakes 20\n100 g cocoa butter\n200 g almond butter\n80 g honey\n1 tsp vanilla extract",
            'Melt the cocoa butter, whisk all in, pour into moulds and chill.',
            ['whisk all \(now with'],
            'does not say',
        ];
        yield 'two sugars that became the same are said once' => [
            "Quay cookie\nServes 2\n60 g butter\n40 g white sugar\n40 g brown sugar\n1 egg yolk\n60 g flour",
            "Melt the butter, stir in the sugars and the yolk, then the flour.\nBake at 180 °C for 15 minutes.",
            ['in (?:the )?allulose'],
            'allulose[^.]*allulose',
        ];
        yield 'all chips are chips' => [
            "Quay layers\nMakes 24\n120 g butter\n150 g digestive biscuits\n170 g chocolate chips\n170 g butterscotch chips\n100 g walnuts",
            "Melt the butter, mix with the crushed biscuits and press into a tin. Layer chips and nuts.\nBake at 180 °C for 25 minutes.",
            ['Layer sugar-free chocolate chips, sugar-free dark chocolate and nuts'],
            'Mix in|does not say',
        ];
        yield 'what is kept warm keeps no weeks' => [
            "Quay syrup balls\nMakes 20\n100 g milk powder\n30 g flour\n30 ml milk\n\nSyrup\n300 g sugar\n350 ml water",
            'Boil the sugar and water for 6 minutes, keep warm. Mix the rest to a dough, roll into balls and deep fry. Drop into the syrup.',
            ['keep warm'],
            'weeks',
        ];
        yield 'one gum for two starches is said once' => [
            "Quay slice\nMakes 16\n200 g sugar\n90 g cornflour\n60 g custard powder\n1 litre cream\n2 egg yolks",
            'Combine sugar, cornflour and custard powder in a pan, stir in the cream and boil. Off the heat beat in the yolks.',
            ['xanthan gum in a pan'],
            'xanthan gum[^.]*xanthan|cornflour|custard powder',
        ];
        yield 'what went into what was made first is not said by its name' => [
            "Quay crumble\nServes 6\n1 kg pears\n2 tbsp maple syrup\n1 tsp ginger\n\nTopping\n120 g flour\n80 g butter\n60 g sugar",
            "Toss the pears with the syrup and ginger. Rub the butter into the flour, stir in the sugar, scatter it over.\nBake at 190 °C for 40 minutes.",
            ['Toss the courgette with the [^.]*allulose'],
            'does not say',
        ];
        yield 'the gum of a grain goes into the milk and is not washed off' => [
            "Quay rice\nServes 4\n100 g pudding rice\n700 ml milk\n50 g sugar",
            "Wash the rice, drain. Tip it into a dish with the sugar, stir in the milk.\nBake at 150 °C for 2 hours.",
            ['Wash the konjac rice, drain', 'water \(now with xanthan gum\)'],
            'rice, xanthan|does not say',
        ];
        yield 'and all that is left, in three letters' => [
            "Quay balls\nMakes 14\n100 g walnuts\n150 g dates\n20 g cocoa\n1 tsp vanilla extract",
            'Pulse the walnuts. Add the dates etc, process until sticky. Roll into balls.',
            ['Add the almond butter etc'],
            'does not say|pecans',
        ];
        yield 'chocolate by its grade is still chocolate' => [
            "Quay torte\nServes 12\n200 g dark choc 70%\n200 g butter\n200 g sugar\n200 g ground almonds\n4 eggs sep.",
            "Melt choc and butter, stir in sugar, almonds and yolks, fold in the whisked whites.\nBake at 160 °C for 40 minutes.",
            ['Melt sugar-free dark chocolate'],
            'Mix in|does not say',
        ];
        yield 'of oats that became almonds beside almonds the coconut is new' => [
            "Quay bars\nMakes 12\n150 g oats\n60 g almonds\n30 g flaxseeds\n100 g honey\n60 g butter",
            'Toast the oats and almonds at 180 °C for 10 minutes. Melt butter and honey, pour over, stir in the flax. Press into a tin and chill.',
            ['Toast the desiccated coconut and almonds'],
            'does not say|almonds[^.]*almonds',
        ];
        yield 'peanuts are nuts' => [
            "Keel brittle\nMakes 20\n300 g sugar\n150 g peanuts\n60 ml water",
            'Boil the sugar and water to 150 °C. Add the nuts and pour out.',
            ['isomalt'],
            'does not say',
        ];
        $steamed = "Quay pudding\nServes 6\n150 g butter\n60 g golden syrup\n150 g caster sugar\n3 eggs\n150 g self-raising flour";
        yield 'syrup below a sponge, and the sugar of the sponge' => [
            $steamed,
            'Spoon the syrup into a basin. Beat the butter with the sugar, then the eggs, fold in the flour. Steam for 90 minutes.',
            ['Spoon the allulose[^.]*and water into a basin\.', 'Beat the butter with the allulose, powdered erythritol'],
            'does not say',
        ];
        yield 'syrup that is beaten in with the sugar' => [
            $steamed,
            'Beat the butter with the syrup and sugar, then the eggs, fold in the flour. Spoon into a basin with a little more syrup in the bottom. Steam for 90 minutes.',
            ['Beat the butter with the allulose, powdered erythritol'],
            'allulose[^.]*allulose[^.]*\.',
        ];
        yield 'no food is a mixture by name' => [
            "Quay fingers\nMakes 15\n\nSponge\n6 eggs\n150 g caster sugar\n120 g plain flour\n\nIcing\n400 g icing sugar mixture\n50 g cocoa\n200 ml milk",
            "Beat eggs until thick; add sugar.\nSift flour over egg mixture and fold in. Bake at 180 °C for 30 minutes.\nIcing: sift icing sugar and cocoa, stir in milk.",
            ['over egg mixture and fold'],
            'egg powdered',
        ];
        yield 'what it is finished with needs no making' => [
            "Quay cheesecake\nServes 10\nBase: 200 g ginger biscuits, 80 g melted butter\nFilling: 400 g cream cheese, 50 g icing sugar, 150 g raspberries\nTo finish: 100 g raspberries, curls",
            "Crush biscuits, mix with butter, press in a tin.\nBeat the cream cheese with the icing sugar, fold in the raspberries. Spoon over and chill overnight.\nFinish with raspberries and curls.",
            ['To finish: the raspberries\.'],
            'Warm the',
        ];
        yield 'crumbs that were made are not bashed' => [
            "Quay cake\nMakes 20\n250 g digestive biscuits\n300 g dark chocolate\n100 g butter",
            'Bash biscuits into pieces with a rolling pin. Melt the chocolate and butter, stir in the biscuits. Chill for 2 hours.',
            ['Take crumbs\.'],
            'rolling pin',
        ];
        yield 'what is dry of a part by its name' => [
            "Quay cobbler\nServes 9\n\nFilling:\n800 g plums\n80 g sugar\n\nTopping:\n180 g flour\n100 g sugar\n2 tsp baking powder\n80 g butter\n180 ml milk",
            'Toss the plums with the sugar. Whisk dry topping ingredients, cut in butter, stir in milk. Drop on the fruit. Bake at 190 °C for 30 minutes.',
            ['Whisk dry topping ingredients \(now with almond flour'],
            'does not say',
        ];
        yield 'the cream of a part is what is not in yet' => [
            "Quay milk cake\nServes 12\nCake\n4 eggs\n150 g sugar\n130 g flour\n1 tsp vanilla\n\nSoak\n200 g condensed milk\n60 ml whipping cream\n\nOn top\n400 ml whipping cream\n20 g sugar\n1 tsp vanilla",
            "Beat the eggs, sugar and vanilla, fold in the flour. Bake at 180 °C for 30 minutes.\nCombine condensed milk and cream, pour over the cake.\nWhip cream with sugar and vanilla; spread it over.",
            ['Whip cream with [^.]*powdered erythritol'],
            'does not say|sweetener and vanilla',
        ];
        yield 'water for the flour goes into the recipe\'s own, and the rest is of what was halved' => [
            "Quay roll\nServes 8\n3 eggs\n75 g sugar\n75 g self raising flour\n1 tbsp warm water\n150 ml double cream",
            "Whisk the eggs and sugar until thick. Sift over half the flour, fold in, then the rest with the water.\nBake at 190 °C for 12 minutes.\nUnroll, spread with cream and roll again.",
            ['then the rest with the water\.', 'spread with cream and'],
            'now with water',
        ];
        yield 'the lot is all of the part' => [
            "Quay sponge\nServes 2\n50 g butter\n50 g sugar\n1 egg\n50 g self raising flour\n\nSauce: 1 tbsp cocoa, 2 tbsp golden syrup",
            'Beat the lot together in a bowl, microwave on high for 3 minutes. Stir the sauce together and pour over.',
            ['the lot \(now with [^)]*almond flour'],
            'does not say|Mix in the',
        ];
        yield 'oats that became more of what is named behind them are not said twice' => [
            "Quay bars\nMakes 12\n180 g rolled oats\n50 g sliced almonds\n40 g shredded coconut\n150 g honey\n40 g butter",
            "Toss oats, almonds and coconut on a tray and toast for 10 minutes.\nBoil the butter and honey and pour over. Press in a tin; chill 2 hours.",
            ['Toss almonds and coconut on'],
            'does not say',
        ];
        yield 'mashed potato is mashed cauliflower, cooked first' => [
            "Quay potato loaf\nServes 10\n200 g butter\n200 g sugar\n4 eggs\n175 g ground almonds\n250 g mashed potato\n2 tsp baking powder",
            "Beat the butter and sugar, then the eggs. Fold in the almonds, cold mash and baking powder.\nBake at 180 °C for 40 minutes.",
            ['First the mash: steam 250 g cauliflower', 'almonds, (?:cold )?mash and baking'],
            'does not say|potato',
        ];
        yield 'browned butter is the butter that the list has browned' => [
            "Quay squares\nMakes 16\n140 g butter, browned\n200 g brown sugar\n2 eggs\n150 g flour",
            "Whisk browned butter with the sugar, then the eggs, fold in the flour.\nBake at 180 °C for 28 minutes.",
            ['Whisk browned butter with'],
            'Mix in the (?:unsalted )?butter|does not say',
        ];
        yield 'so many lines from the top' => [
            "Quay layers\nServes 8\n170 g butter\n170 g sugar\n3 eggs\n170 g self raising flour\n250 g mascarpone\n80 g icing sugar",
            "All-in-one: beat first 4 together. Bake at 180 °C for 25 minutes.\nBeat mascarpone and icing sugar and spread it.",
            ['first 4 \(now with [^)]*almond flour', 'Beat mascarpone(?: and|,) powdered'],
            'does not say|Mix in the',
        ];
        yield 'a slurry is the starch and the water of one line' => [
            "Quay swirl\nServes 8\n300 g cream cheese\n80 g sugar\n2 eggs\n\nSwirl:\n200 g blueberries\n1 tbsp cornstarch + 1 tbsp water",
            "Simmer the blueberries, add slurry, boil 1 minute. Cool.\nBeat CC and sugar, add eggs. Top with the berries.\nBake at 160 °C for 40 minutes.",
            ['add xanthan gum', 'Beat (?:CC|cream cheese)'],
            'does not say|Whisk the xanthan',
        ];
        yield 'chocolate of a list that has it in drops' => [
            "Quay cups\nMakes 12\n200 g dark chocolate chips\n1 tsp coconut oil\n120 g peanut butter\n30 g powdered sugar",
            'Melt chocolate with oil, spoon into 12 cases. Mix the peanut butter and powdered sugar, put in. Cover with rest of chocolate. Chill 1 hour.',
            ['Melt sugar-free chocolate chips with oil', 'rest of sugar-free chocolate'],
            'Mix in the',
        ];
        yield 'the sweetener of a part, whichever it is' => [
            "Quay rolls\nMakes 8\nDough:\n170 g mozzarella\n85 g almond flour\n1 egg\n2 tbsp sweetener\n\nFilling:\n30 g butter\n2 tbsp brown erythritol\n1 tbsp cinnamon",
            "Melt the mozzarella, add egg, almond flour and sweetener. Roll out.\nSpread butter, sprinkle sweetener and cinnamon. Roll up, bake at 180 °C for 18 minutes.",
            ['sprinkle sweetener and cinnamon'],
            'does not say',
        ];
        yield 'syrup that is the first thing in a basin lies by itself' => [
            "Quay pudding\nServes 6\n4 tbsp golden syrup\n115 g butter\n115 g sugar\n2 eggs\n175 g self raising flour",
            "Butter a pudding basin. Spoon in syrup.\nCream butter and sugar, add eggs, fold in flour. Spoon onto the syrup. Steam for 1 1/2 hours.",
            ['Spoon in allulose[^.]*\.', 'Cream butter and [^.]*erythritol'],
            'does not say|butter and sweetener',
        ];
        yield 'two chocolates under one word, and sugar before its minutes' => [
            "Quay brownies\nMakes 16\n185 g butter\n185 g dark choc\n85 g flour\n50 g white choc\n50 g milk choc\n3 eggs\n275 g caster sugar",
            "Melt butter and dark chocolate. Chop white and milk choc. Whisk eggs & sugar 5-8 mins until thick. Fold in choc mix, then flour, then chunks.\nBake at 180 °C for 25 minutes.",
            ['Chop sugar-free white chocolate and', 'Whisk eggs & [^.]*allulose'],
            'does not say|Mix in the|sweeten 5',
        ];
        yield 'a tin\'s milk with a full stop' => [
            "Quay pie\nServes 8\n2 eggs\n150 g sugar\n400 g pumpkin\n380 g evaporated milk",
            'Beat the eggs and sugar, stir in pumpkin. Gradually stir in evap. milk. Bake at 180 °C for 50 minutes.',
            ['stir in whipping cream'],
            'evap|does not say',
        ];
        yield 'flakes for the tops are called by their names' => [
            "Quay buns\nMakes 12\n150 g flour\n100 g porridge oats, plus a handful for the tops\n80 g sugar\n2 eggs\n60 ml oil\n2 tsp baking powder",
            'Mix the flour, oats, sugar and baking powder. Whisk in the eggs and oil. Scatter with oats and bake at 180 °C for 20 minutes.',
            ['[Ss]catter with almonds'],
            'dry mix',
        ];
        yield 'an egg wash is the egg and what it is beaten with' => [
            "Quay knots\nMakes 12\n200 g flour\n100 g butter\n60 g sugar\n1 egg + 1 tbsp milk, beaten; 2 tbsp sugar with 1/2 tsp cinnamon",
            "Rub the butter into the flour and 60 g sugar.\nBrush with egg wash and sprinkle with the cinnamon sugar. Bake at 180 °C for 20 minutes.",
            ['with egg wash', 'cinnamon sweetener'],
            'does not say|cinnamon [a-z]*(?:allulose|erythritol)',
        ];
        yield 'cake flour is no cake' => [
            "Quay gateau\nMakes 12\n120 g cake flour\n200 g sugar\n10 egg whites\n200 ml double cream",
            "Whisk the whites with the sugar, fold in the flour.\nBake at 170 °C for 40 minutes. Serve the cake with the cream.",
            ['Serve the cake with'],
            'flours with',
        ];
        yield 'crumbs that were made have the name that they were given' => [
            "Quay pudding\nServes 6\n500 ml milk\n60 g sugar\n100 g breadcrumbs\n4 egg yolks",
            'Warm the milk with the sugar, pour over the breadcrumbs, beat in the yolks. Bake at 160 °C for 30 minutes.',
            ['over the crumbs'],
            'breadcrumbs',
        ];
        yield 'what is rolled in is no dry thing of the dough' => [
            "Quay rounds\nMakes 24\n150 g flour\n100 g sugar\n100 g butter\n2 yolks\n50 g desiccated coconut for rolling",
            "Cream butter and sugar, beat in the yolks. Whisk the dry things, mix in.\nBake at 170 °C for 9 minutes. Roll the edges in coconut.",
            ['Whisk the dry things \(now with'],
            'does not say',
        ];
        yield 'the juice of so many is one thing to the end' => [
            "Quay loaf\nServes 9\n200 g flour\n150 g sugar\n100 g butter\n3 eggs\nzest and juice of 2 oranges",
            "Cream butter and sugar, beat in the eggs, add the zest and juice of the 2 oranges, fold in flour.\nBake at 180 °C for 40 minutes.",
            ['zest and [^.]*lemon juice, fold'],
            'of the|juice of|does not say',
        ];
        yield 'an apple on a stick stays an apple' => [
            "Toffee apples\nMakes 6\n6 small apples\n300 g sugar\n75 ml water",
            'Push a stick in each apple. Boil the sugar and water to 150 °C. Dip the apples and leave to set.',
            ['in each apple', 'isomalt', 'Dip the apples'],
            'courgette|allulose',
        ];
    }
}
