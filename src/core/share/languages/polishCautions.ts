import type { CautionId } from '../../cautions/cautionIds'
import type { Caution } from '../../cautions/cautions'

/** The cautions in Polish. */
export const POLISH_CAUTIONS: Record<CautionId, Caution> = {
  'bearing-wall': {
    what: 'Ta ściana może być nośna',
    care: 'Nie usuwać na podstawie opinii: odkryć, podeprzeć z obu stron, przenieść obciążenie po kolei.',
    deferTo: 'inżynier konstruktor, na podstawie pozwolenia',
  },
  'shoring-early': {
    what: 'Podpór nie wolno usunąć za wcześnie',
    care: 'Spisać, co musi najpierw stać, zrobić zdjęcie, nikogo w strefie.',
    deferTo: 'inżynier lub kierownik budowy',
  },
  'heavy-lift': {
    what: 'Ciężki ładunek',
    care: 'Plan podnoszenia, maszyna i droga; nikt pod spodem; ręcznie około 25 kg (50 lb) na osobę.',
    deferTo: 'osoba kierująca podnoszeniem',
  },
  hangers: {
    what: 'Wieszaki bez wszystkich gwoździ',
    care: 'Policzyć, porównać z kartą, sfotografować każdy wypełniony otwór.',
    deferTo: 'inżynier lub producent wieszaka',
  },
  'hanging-wires': {
    what: 'Wiszące przewody są pod napięciem, dopóki ich nie zbadano',
    care: 'Zbadać każdy przewód przyrządem, zablokować, zbadać ponownie, gdy pracowali inni.',
    deferTo: 'elektryk z uprawnieniami',
  },
  'old-wiring': {
    what: 'Stara odkryta instalacja',
    care: 'Traktować jak pod napięciem; nigdy nie przykrywać izolacją.',
    deferTo: 'elektryk z uprawnieniami',
  },
  'shared-circuits': {
    what: 'Wspólne przewody neutralne lub zakryte połączenia',
    care: 'Puszki mają pozostać dostępne; rozpoznać wspólne obwody przed cięciem.',
    deferTo: 'elektryk z uprawnieniami',
  },
  gas: {
    what: 'Prace przy gazie',
    care: 'Tylko osoba z uprawnieniami; próba ciśnienia przed zakryciem; połączenia wyrównawcze i odległości.',
    deferTo: 'instalator gazu z uprawnieniami i urząd',
  },
  'buried-services': {
    what: 'Woda, prąd lub kanalizacja w ziemi',
    care: 'Zlokalizować i oznaczyć, w pobliżu kopać ręcznie, w razie wątpliwości przerwać.',
    deferTo: 'osoba lokalizująca sieci',
  },
  trench: {
    what: 'Wykop',
    care: 'Ocenić szalunek lub skarpę przy każdej głębokości; drabina od 1,2 m (4 ft); nikt nie wchodzi bez zabezpieczenia; w nocy ogrodzić.',
    deferTo: 'osoba kompetentna',
  },
  'slab-cables': {
    what: 'Pręty lub cięgna sprężające w płycie',
    care: 'Najpierw skan, naciąć na część głębokości, potem kuć; nigdy nie przeciąć cięgna.',
    deferTo: 'inżynier',
  },
  fill: {
    what: 'Grunt rodzimy jako zasypka',
    care: 'Odrzucić glinę i luźny grunt; zagęszczać warstwami.',
    deferTo: 'inżynier lub inspektor',
  },
  retaining: {
    what: 'Mur oporowy jeszcze nie związał',
    care: 'Żadnej zasypki ani ruchu za nim, dopóki nie ma wytrzymałości; odwodnić.',
    deferTo: 'inżynier',
  },
  'open-holes': {
    what: 'Otwarta podłoga, otwory, gołe pręty',
    care: 'Osłonić pręty; przymocować i oznaczyć pokrywy; poręcz i światło.',
    deferTo: 'kierownik budowy',
  },
  'guard-out': {
    what: 'Brak balustrady',
    care: 'Tymczasowa balustrada lub bariera tego samego dnia.',
    deferTo: 'kierownik budowy, zgodnie z przepisami',
  },
  'guard-height': {
    what: 'Przy tej wysokości może być potrzebna balustrada',
    care: 'Zmierzyć wysokość upadku; progi są miejscowe.',
    deferTo: 'urząd',
  },
  'escape-window': {
    what: 'Otwór ewakuacyjny',
    care: 'Zmierzyć wolne światło i studzienkę; nie nazywać pokoju sypialnią.',
    deferTo: 'urząd',
  },
  'fire-sound': {
    what: 'Przegroda przeciwpożarowa lub akustyczna',
    care: 'Przebadany układ; uszczelnić każde przejście.',
    deferTo: 'urząd i projektant',
  },
  chimney: {
    what: 'Odległości od komina lub paleniska',
    care: 'Zachować odległości producenta; żadnej izolacji przy przewodzie.',
    deferTo: 'producent, zgodnie z przepisami',
  },
  'bath-fan': {
    what: 'Wentylator łazienki',
    care: 'Kanał na zewnątrz, nigdy na poddasze; wielkość według producenta.',
    deferTo: 'instalator wentylacji, zgodnie z przepisami',
  },
  ejector: {
    what: 'Pompa ścieków poniżej poziomu',
    care: 'Szczelna studzienka, odpowietrzenie, zawór zwrotny, alarm.',
    deferTo: 'hydraulik z uprawnieniami',
  },
  dust: {
    what: 'Pył krzemionki, starego tynku, farby z ołowiem lub azbestu',
    care: 'Zbadać przed cięciem; bariera, na mokro, odkurzacz, maska, utylizacja.',
    deferTo: 'firma z certyfikatem do usuwania',
  },
  'acid-wash': {
    what: 'Kwas lub rozpuszczalnik na cegle',
    care: 'Zabezpieczyć, spłukać, najpierw próbka.',
    deferTo: 'konserwator lub murarz',
  },
  'roof-edge': {
    what: 'Praca na wysokości',
    care: 'Zabezpieczenie krawędzi, zaprojektowane rusztowanie, pilnować pogody.',
    deferTo: 'osoba kompetentna',
  },
  'weather-opening': {
    what: 'Otwarte na pogodę',
    care: 'Otwierać tylko tyle, ile da się zamknąć tego samego dnia; sprawdzić po każdej burzy.',
    deferTo: 'kierownik budowy',
  },
  'wood-on-masonry': {
    what: 'Nieimpregnowane drewno na murze',
    care: 'Użyć drewna impregnowanego i warstwy oddzielającej.',
    deferTo: 'przepisy',
  },
  'neighbour-access': {
    what: 'Teren sąsiada',
    care: 'Zgoda na piśmie, ubezpieczenie, zwierzęta, bramy.',
    deferTo: 'sąsiad, zgodnie z prawem',
  },
  street: {
    what: 'Zajęcie ulicy',
    care: 'Zezwolenie i plan ruchu przed pompą, dźwigiem lub kontenerem.',
    deferTo: 'urząd',
  },
  consent: {
    what: 'Potrzebna zgoda',
    care: 'Zgoda wspólnoty lub konserwatora przed rozpoczęciem.',
    deferTo: 'wspólnota lub urząd',
  },
  unlicensed: {
    what: 'Praca własnego wykonawcy klienta',
    care: 'Nie zakładać: poprosić o zezwolenie i zdjęcie.',
    deferTo: 'urząd',
  },
  'people-in-zone': {
    what: 'Obok mieszkają ludzie',
    care: 'Strefa zamknięta lub oznaczona, gwoździe zebrane, kontrola na koniec dnia.',
    deferTo: 'kierownik budowy',
  },
  'old-structure': {
    what: 'Stara konstrukcja nad głową',
    care: 'Sprawdzić zgniliznę i owady, zanim się na niej polega.',
    deferTo: 'inżynier',
  },
  'circuit-load': {
    what: 'Obciążenie starych obwodów',
    care: 'Sprawdzić obciążenie przed dodaniem urządzeń.',
    deferTo: 'elektryk z uprawnieniami',
  },
  'wet-zone': {
    what: 'Strefa mokra',
    care: 'Izolacja i próba wodna przed płytkami; szkło bezpieczne.',
    deferTo: 'wykonawca, zgodnie z przepisami',
  },
  filming: {
    what: 'Ludzie i tablice na zdjęciach',
    care: 'Zapytać o zgodę; rozmyć przed udostępnieniem.',
    deferTo: 'klient, zgodnie z prawem do prywatności',
  },
  cold: {
    what: 'Beton lub zaprawa na mrozie',
    care: 'Najniższa temperatura, ogrzewanie i osłona.',
    deferTo: 'dostawca i inżynier',
  },
  'wall-openings': {
    what: 'Otwór przy innym mieszkaniu',
    care: 'Nie otwierać ani nie zamykać bez sprawdzenia.',
    deferTo: 'projektant',
  },
  ladder: {
    what: 'Drabina na pochyłości, gniazda, psy',
    care: 'Dwie osoby, jedna pilnuje.',
    deferTo: 'kierownik budowy',
  },
  'ceiling-foot': {
    what: 'Praca nad sufitem',
    care: 'Deski na belkach.',
    deferTo: 'kierownik budowy',
  },
  'not-approval': {
    what: 'To nie jest zgoda',
    care: 'Najpierw przepisy miejscowe, inżynier i osoba z uprawnieniami.',
    deferTo: 'osoba mająca władzę',
  },
}
