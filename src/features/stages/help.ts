import { help as arrangements } from "./brief/arrangements/help";
import { help as briefGround } from "./brief/brief-ground/help";
import { help as cautions } from "./brief/cautions/help";
import { help as editor } from "./brief/editor/help";
import { help as packing } from "./brief/packing/help";
import { help as people } from "./brief/people/help";
import { help as place } from "./brief/place/help";
import { help as programme } from "./brief/programme/help";
import { help as promised } from "./brief/promised/help";
import { help as supplies } from "./brief/supplies/help";
import { help as whenAndWhere } from "./brief/when-and-where/help";
import { help as whenItIsAbout } from "./brief/when-it-is-about/help";
import { help as blur } from "./expose/blur/help";
import { help as chance } from "./expose/chance/help";
import { help as exposeKit } from "./expose/expose-kit/help";
import { help as exposeShot } from "./expose/expose-shot/help";
import { help as flicker } from "./expose/flicker/help";
import { help as focusDriveAndWhiteBalance } from "./expose/focus-drive-and-white-balance/help";
import { help as instant } from "./expose/instant/help";
import { help as ledger } from "./expose/ledger/help";
import { help as light } from "./expose/light/help";
import { help as oneClick } from "./expose/one-click/help";
import { help as pan } from "./expose/pan/help";
import { help as placeLight } from "./expose/place-light/help";
import { help as practiceStarts } from "./expose/practice-starts/help";
import { help as settings } from "./expose/settings/help";
import { help as still } from "./expose/still/help";
import { help as threeSets } from "./expose/three-sets/help";
import { help as through } from "./expose/through/help";
import { help as watchOut } from "./expose/watch-out/help";
import { help as ways } from "./expose/ways/help";
import { help as whenRight } from "./expose/when-right/help";
import { help as why } from "./expose/why/help";
import { help as beforeItIsTaken } from "./frame/before-it-is-taken/help";
import { help as depth } from "./frame/depth/help";
import { help as frameKit } from "./frame/frame-kit/help";
import { help as frameShot } from "./frame/frame-shot/help";
import { help as groups } from "./frame/groups/help";
import { help as lenses } from "./frame/lenses/help";
import { help as morePictures } from "./frame/more-pictures/help";
import { help as picture } from "./frame/picture/help";
import { help as print } from "./frame/print/help";
import { help as reach } from "./frame/reach/help";
import { help as softer } from "./frame/softer/help";
import { help as standOut } from "./frame/stand-out/help";
import { help as briefPlaces } from "./ground/brief-places/help";
import { help as forecast } from "./ground/forecast/help";
import { help as fromHere } from "./ground/from-here/help";
import { help as groundAndLight } from "./ground/ground-and-light/help";
import { help as groundCautions } from "./ground/ground-cautions/help";
import { help as groundPromised } from "./ground/ground-promised/help";
import { help as groundShot } from "./ground/ground-shot/help";
import { help as groundWatchOut } from "./ground/ground-watch-out/help";
import { help as inTheWay } from "./ground/in-the-way/help";
import { help as lightOver } from "./ground/light-over/help";
import { help as mesh } from "./ground/mesh/help";
import { help as onTheGround } from "./ground/on-the-ground/help";
import { help as otherPositions } from "./ground/other-positions/help";
import { help as plan } from "./ground/plan/help";
import { help as position } from "./ground/position/help";
import { help as positionsCompared } from "./ground/positions-compared/help";
import { help as sky } from "./ground/sky/help";
import { help as spot } from "./ground/spot/help";
import { help as sunMoonAndShade } from "./ground/sun-moon-and-shade/help";
import { help as whereTheTradeStands } from "./ground/where-the-trade-stands/help";
import { help as windAndWater } from "./ground/wind-and-water/help";
import { help as cameOut } from "./review/came-out/help";
import { help as captions } from "./review/captions/help";
import { help as contactSheet } from "./review/contact-sheet/help";
import { help as count } from "./review/count/help";
import { help as deliver } from "./review/deliver/help";
import { help as journal } from "./review/journal/help";
import { help as keepers } from "./review/keepers/help";
import { help as learnt } from "./review/learnt/help";
import { help as lightHere } from "./review/light-here/help";
import { help as nextTime } from "./review/next-time/help";
import { help as picturesIn } from "./review/pictures-in/help";
import { help as reviewShot } from "./review/review-shot/help";
import { help as card } from "./run/card/help";
import { help as changes } from "./run/changes/help";
import { help as clicksElsewhere } from "./run/clicks-elsewhere/help";
import { help as comingIn } from "./run/coming-in/help";
import { help as couldBe } from "./run/could-be/help";
import { help as downAndDistance } from "./run/down-and-distance/help";
import { help as inPlainWords } from "./run/in-plain-words/help";
import { help as lightToday } from "./run/light-today/help";
import { help as mind } from "./run/mind/help";
import { help as next } from "./run/next/help";
import { help as owed } from "./run/owed/help";
import { help as programmeInOrder } from "./run/programme-in-order/help";
import { help as runGround } from "./run/run-ground/help";
import { help as runWhy } from "./run/run-why/help";
import { help as secondBody } from "./run/second-body/help";
import { help as testShot } from "./run/test-shot/help";
import { help as thisPhone } from "./run/this-phone/help";
import { help as whereAmI } from "./run/where-am-i/help";
import { help as whoWasThat } from "./run/who-was-that/help";
import type { PanelHelp } from "./screen/panel-help";
import type { StageKey } from "./screen/stages";

/** What each panel answers, from what and within which limits, by its id: loaded when somebody asks. */
export const HELP: Readonly<Record<StageKey, Readonly<Record<string, PanelHelp>>>> = {
  brief: {
    arrangements,
    "brief-ground": briefGround,
    cautions,
    editor,
    packing,
    people,
    place,
    programme,
    promised,
    supplies,
    "when-and-where": whenAndWhere,
    "when-it-is-about": whenItIsAbout,
  },
  ground: {
    "brief-places": briefPlaces,
    forecast,
    "from-here": fromHere,
    "ground-and-light": groundAndLight,
    "ground-cautions": groundCautions,
    "ground-promised": groundPromised,
    "ground-shot": groundShot,
    "ground-watch-out": groundWatchOut,
    "in-the-way": inTheWay,
    "light-over": lightOver,
    mesh,
    "on-the-ground": onTheGround,
    "other-positions": otherPositions,
    plan,
    position,
    "positions-compared": positionsCompared,
    sky,
    spot,
    "sun-moon-and-shade": sunMoonAndShade,
    "where-the-trade-stands": whereTheTradeStands,
    "wind-and-water": windAndWater,
  },
  frame: {
    "before-it-is-taken": beforeItIsTaken,
    depth,
    "frame-kit": frameKit,
    "frame-shot": frameShot,
    groups,
    lenses,
    "more-pictures": morePictures,
    picture,
    print,
    reach,
    softer,
    "stand-out": standOut,
  },
  expose: {
    blur,
    chance,
    "expose-kit": exposeKit,
    "expose-shot": exposeShot,
    flicker,
    "focus-drive-and-white-balance": focusDriveAndWhiteBalance,
    instant,
    ledger,
    light,
    "one-click": oneClick,
    pan,
    "place-light": placeLight,
    "practice-starts": practiceStarts,
    settings,
    still,
    "three-sets": threeSets,
    through,
    "watch-out": watchOut,
    ways,
    "when-right": whenRight,
    why,
  },
  run: {
    card,
    changes,
    "clicks-elsewhere": clicksElsewhere,
    "coming-in": comingIn,
    "could-be": couldBe,
    "down-and-distance": downAndDistance,
    "in-plain-words": inPlainWords,
    "light-today": lightToday,
    mind,
    next,
    owed,
    "programme-in-order": programmeInOrder,
    "run-ground": runGround,
    "run-why": runWhy,
    "second-body": secondBody,
    "test-shot": testShot,
    "this-phone": thisPhone,
    "where-am-i": whereAmI,
    "who-was-that": whoWasThat,
  },
  review: {
    "came-out": cameOut,
    captions,
    "contact-sheet": contactSheet,
    count,
    deliver,
    journal,
    keepers,
    learnt,
    "light-here": lightHere,
    "next-time": nextTime,
    "pictures-in": picturesIn,
    "review-shot": reviewShot,
  },
};
