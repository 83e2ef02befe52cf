/** What people call things, and what on the bench says them: the label of a sayable. Common practice, no source. */
const words = (text: string): readonly string[] => text.split(',').map((word) => word.trim());

export const everydayWords: Readonly<Record<string, readonly string[]>> = {
  'Which orchid': words(
    'species, genus, kind, name, variety, hybrid, breed, type of orchid, moth orchid, phal, cattleya, dendrobium, slipper, identify, unknown orchid, no label, label lost, mericlone, cultivar',
  ),
  'Root thickness': words('root diameter, thick roots, thin roots, measure roots, velamen, fat roots, fine roots, mm'),
  'What it shows': words(
    'signs, root tips, green tips, new roots, new shoot, growth starting, in bud, in bloom, flower spike, spike, flowers, flowering, blooms, resting, asleep, dormant, leafless, leaves dropped, rot, wobbles, loose in the pot, fell out, wobbly, no pot, bare root, when to repot',
  ),
  'Where it stands': words(
    'place, location, room, window, windowsill, sill, kitchen, bathroom, bedroom, office, cellar, basement, conservatory, greenhouse, glasshouse, grow tent, cabinet, terrarium, orchidarium, wardian case, vitrine, lamp, grow light, led, outdoor, outdoors, outside, garden, patio, balcony, terrace, veranda, porch, lanai, tree, shade house, shadehouse, humidity, humid, dry air, damp air, hygrometer, temperature, too hot, too cold, cold nights, thermometer, heating, radiator, air conditioning, sun, sunlight, light, lux, shade, draught, draft, fan, air movement, ventilation, wind, rain, climate, town, city, latitude, altitude, winter, summer',
  ),
  'Look it over': words(
    'pest, pests, bugs, insects, scale, mealybug, mealybugs, mealy bug, spider mite, spider mites, mites, thrips, aphids, snails, slugs, sticky leaves, honeydew, spots, black spots, leaf spots, sunburn, crown rot, disease, virus, sick, unhealthy, what is wrong, diagnose, just unpotted',
  ),
  'The way you water': words(
    'watering, water, how often, every day, every week, weekly, weekend, only weekends, no time, forget to water, overwater, overwatering, underwater, ice cubes, can, watering can, soak, soaking, dunk, bath, submerge, dripper, drip, mist, misting, spray, hose, tray, flood, saucer, drench',
  ),
  'The pot it is in': words(
    'current pot, old pot, nursery pot, clear pot, plastic pot, clay pot, terracotta, ceramic, glass, vase, basket, net pot, slatted basket, mount, mounted, cork, slab, self-watering, self watering, reservoir, wick, semi hydro, semi-hydro, hydroponics, water culture, cachepot, outer pot, no holes, drainage holes',
  ),
  'Whether its medium still holds': words(
    'rotten bark, broken down, decomposed, mushy medium, sour, smells, smell, mouldy, moldy, mold, mould, fungus gnats, gnats, flies, snow mould, algae, moss on top, salt crust, white crust, compacted, stays wet, will not dry, old bark, old moss',
  ),
  'Media you have': words(
    'potting mix, mix, substrate, soil, potting soil, compost, bark, orchid bark, fir bark, pine bark, chips, moss, sphagnum, peat, coir, coconut, coco, husk, husk chips, leca, clay balls, clay pebbles, expanded clay, hydroton, pumice, perlite, lava, rock, gravel, stones, charcoal, tree fern, osmunda, styrofoam, foam, sponge, rockwool, crocks, only bark, only moss',
  ),
  'Pots you have': words(
    'my pots, pot size, bigger pot, smaller pot, which pot, spare pot, pots at home, bulb pan, pan',
  ),
  'Live roots': words(
    'root rot, rotten roots, mushy roots, soft roots, brown roots, black roots, dead roots, few roots, no roots, lost roots, hollow roots, papery roots, air roots, aerial roots, firm roots, white roots',
  ),
  'Bulbs, how they look': words(
    'wrinkled, wrinkly, wrinkled bulbs, shrivelled, shriveled, limp, limp leaves, floppy, wilted, wilting, pleated leaves, accordion leaves, leathery, thin leaves, dehydrated, thirsty, crispy, dry leaves, yellow leaf, yellow leaves, soft bulb, plump',
  ),
  'Seedling, cutting, backbulb…': words(
    'seedling, baby, flask, plug, keiki, pup, offset, cutting, division, divide, split, back bulb, backbulb, rescue, sick plant, dying, weak, recovering, young plant, mature',
  ),
  Shoots: words('how many bulbs, number of bulbs, pseudobulbs, canes, fans, growths, leads, size'),
  'Root ball': words('rootball, root mass, pot bound, potbound, root bound, rootbound, crowded, overgrown, too big'),
  'Height of the plant': words('tall, top heavy, topheavy, falls over, tips over, stake, height'),
  'Plants in the pot': words('two plants, several plants, clump, specimen, together, community pot'),
  'Growing fronts': words(
    'new growth, growing tips, eyes, climbs out, grows out of the pot, over the edge, over the rim',
  ),
  'Years to stay in the next pot': words('how long, repot often, next repotting, yearly, every two years, last longer'),
  'Room on the shelf': words('space, small shelf, narrow, no room, fits, maximum size'),
  'What you do not want': words('do not want, hate, avoid, without moss, without bark, no plastic, no mount, ugly'),
  'What did well for you': words('works for me, always worked, thrives, happy, did well, success'),
  'What failed for you': words('failed, killed, lost, died in, never works, disaster'),
  'Opinions you hold': words('organic, inorganic, school, philosophy, method, hydro, natural, traditional'),
  'Your water': words(
    'rainwater, rain water, tap water, hard water, soft water, distilled, reverse osmosis, softener, well water, chlorine, limescale, lime',
  ),
  'Salts of the water': words('tds, ppm, ec, conductivity, microsiemens, hardness, salt'),
  Feed: words(
    'fertilizer, fertiliser, food, feeding, plant food, nutrients, npk, msu, strength of feed, weakly weekly',
  ),
  'Away from home': words('holiday, vacation, travel, trip, away, plant sitter, sitter, business trip, leave for'),
  'A heat wave': words('heatwave, hot spell, heat dome, summer heat'),
  'How this plant differs from its kind': words(
    'cold tolerant, warmth tolerant, hybrid of, likes it dry, likes it wet, special, unusual',
  ),
  'Outside for the summer': words(
    'summer outside, outside in summer, put it outside, take it outside, bring it in, bring it inside, summering, two places, balcony in summer, winter quarters',
  ),
  'How deep it goes': words(
    'bury, buried, depth, how deep, deep, plant deep, cover the roots, crown above, base of the plant',
  ),
  'What to mix': words('recipe, the mix, how much bark, litres of mix, layers, drainage layer'),
  'What to take care of': words('caution, cautions, careful, warning, warnings, toxic, split it, cut it in two'),
  'The first weeks after potting': words(
    'aftercare, after potting, when to water after, first watering, settle in, stake it, recovery time',
  ),
  'What was ruled out': words('why not, ruled out, rejected, other setups'),
};
