import type { CautionId } from '../../cautions/cautionIds'
import type { Caution } from '../../cautions/cautions'

/** The cautions in Spanish. */
export const SPANISH_CAUTIONS: Record<CautionId, Caution> = {
  'bearing-wall': {
    what: 'Este muro puede ser de carga',
    care: 'No se quita por una opinión: abrir, apuntalar por los dos lados, pasar la carga en orden.',
    deferTo: 'el ingeniero de estructuras, con el permiso',
  },
  'shoring-early': {
    what: 'Los puntales no se quitan antes de tiempo',
    care: 'Anotar lo que debe estar en pie antes, fotografiarlo, nadie en la zona.',
    deferTo: 'el ingeniero o el encargado de obra',
  },
  'heavy-lift': {
    what: 'Carga pesada',
    care: 'Plan de izado, máquina y recorrido; nadie debajo; a mano, unos 25 kg (50 lb) por persona.',
    deferTo: 'el responsable del izado',
  },
  hangers: {
    what: 'Estribos sin todos los clavos',
    care: 'Contar, comparar con la hoja, fotografiar cada agujero lleno.',
    deferTo: 'el ingeniero o el fabricante del estribo',
  },
  'hanging-wires': {
    what: 'Los cables que cuelgan tienen tensión hasta que se comprueben',
    care: 'Comprobar cada conductor con un instrumento, bloquear, comprobar otra vez si otros han trabajado.',
    deferTo: 'un electricista con licencia',
  },
  'old-wiring': {
    what: 'Cableado viejo a la vista',
    care: 'Tratarlo como con tensión; no taparlo nunca con aislante.',
    deferTo: 'un electricista con licencia',
  },
  'shared-circuits': {
    what: 'Neutros compartidos o empalmes tapados',
    care: 'Las cajas quedan accesibles; identificar los circuitos compartidos antes de cortar.',
    deferTo: 'un electricista con licencia',
  },
  gas: {
    what: 'Trabajo de gas',
    care: 'Solo con licencia; prueba de presión antes de cerrar; conexión a tierra y distancias.',
    deferTo: 'un instalador de gas registrado y la autoridad',
  },
  'buried-services': {
    what: 'Agua, electricidad o desagüe enterrados',
    care: 'Localizar y marcar, cavar a mano cerca, parar ante la duda.',
    deferTo: 'el localizador de servicios',
  },
  trench: {
    what: 'Zanja',
    care: 'Valorar entibación o talud a cualquier profundidad; escalera desde 1,2 m (4 ft); nadie entra sin entibación; vallada de noche.',
    deferTo: 'una persona competente',
  },
  'slab-cables': {
    what: 'Barras o cables tensados en la losa',
    care: 'Primero escanear, cortar en parte, luego picar; no cortar nunca un tendón.',
    deferTo: 'el ingeniero',
  },
  fill: {
    what: 'Tierra del lugar como relleno',
    care: 'Rechazar arcilla o tierra suelta; compactar por capas.',
    deferTo: 'el ingeniero o el inspector',
  },
  retaining: {
    what: 'Muro de contención sin curar',
    care: 'Ni relleno ni tráfico detrás hasta que tenga su resistencia; drenarlo.',
    deferTo: 'el ingeniero',
  },
  'open-holes': {
    what: 'Suelo abierto, huecos, barras sin proteger',
    care: 'Tapar las puntas; fijar y marcar las tapas; barandilla y luz.',
    deferTo: 'el encargado de obra',
  },
  'guard-out': {
    what: 'Falta una barandilla',
    care: 'Barandilla o barrera provisional el mismo día.',
    deferTo: 'el encargado de obra, según la norma',
  },
  'guard-height': {
    what: 'A esta altura puede hacer falta barandilla',
    care: 'Medir la caída; los límites son locales.',
    deferTo: 'la autoridad',
  },
  'escape-window': {
    what: 'Salida de emergencia',
    care: 'Medir el hueco libre y el patio; no llamar dormitorio a la habitación.',
    deferTo: 'la autoridad',
  },
  'fire-sound': {
    what: 'Separación contra fuego o ruido',
    care: 'Sistema ensayado; sellar cada paso.',
    deferTo: 'la autoridad y el proyectista',
  },
  chimney: {
    what: 'Distancias de chimenea u hogar',
    care: 'Respetar las distancias del fabricante; ningún aislante junto al conducto.',
    deferTo: 'el fabricante, según la norma',
  },
  'bath-fan': {
    what: 'Extractor del baño',
    care: 'El conducto sale al exterior, nunca al bajo cubierta; tamaño según el fabricante.',
    deferTo: 'el instalador de ventilación, según la norma',
  },
  ejector: {
    what: 'Bomba de aguas fecales bajo el nivel',
    care: 'Pozo sellado, ventilación, válvula antirretorno, alarma.',
    deferTo: 'el fontanero con licencia',
  },
  dust: {
    what: 'Polvo de sílice, yeso viejo, pintura con plomo o amianto',
    care: 'Analizar antes de cortar; barrera, agua, aspirador, mascarilla, vertedero.',
    deferTo: 'una empresa certificada para retirarlo',
  },
  'acid-wash': {
    what: 'Ácido o disolvente sobre ladrillo',
    care: 'Proteger, aclarar, probar antes en una muestra.',
    deferTo: 'el restaurador o el albañil',
  },
  'roof-edge': {
    what: 'Trabajo en altura',
    care: 'Protección de bordes, andamio calculado, vigilar el tiempo.',
    deferTo: 'una persona competente',
  },
  'weather-opening': {
    what: 'Abierto a la intemperie',
    care: 'Abrir solo lo que se cierra el mismo día; revisar después de cada tormenta.',
    deferTo: 'el encargado de obra',
  },
  'wood-on-masonry': {
    what: 'Madera sin tratar sobre obra de fábrica',
    care: 'Usar madera tratada y una capa de separación.',
    deferTo: 'la norma',
  },
  'neighbour-access': {
    what: 'Terreno del vecino',
    care: 'Permiso por escrito, seguro, animales, puertas.',
    deferTo: 'el vecino, según la ley',
  },
  street: {
    what: 'Ocupación de la calle',
    care: 'Permiso y plan de tráfico antes de bomba, grúa o contenedor.',
    deferTo: 'la autoridad',
  },
  consent: {
    what: 'Hace falta un consentimiento',
    care: 'Aprobación de la comunidad o de patrimonio antes de empezar.',
    deferTo: 'la comunidad o la autoridad',
  },
  unlicensed: {
    what: 'Trabajo del contratista propio del cliente',
    care: 'No darlo por hecho: pedir permiso y foto.',
    deferTo: 'la autoridad',
  },
  'people-in-zone': {
    what: 'Vive gente junto a la obra',
    care: 'Zona cerrada o señalizada, clavos recogidos, revisión al final del día.',
    deferTo: 'el encargado de obra',
  },
  'old-structure': {
    what: 'Estructura vieja encima',
    care: 'Buscar pudrición e insectos antes de fiarse.',
    deferTo: 'el ingeniero',
  },
  'circuit-load': {
    what: 'Carga en circuitos viejos',
    care: 'Comprobar la carga antes de añadir aparatos.',
    deferTo: 'un electricista con licencia',
  },
  'wet-zone': {
    what: 'Zona húmeda',
    care: 'Membrana y prueba de agua antes del azulejo; vidrio de seguridad.',
    deferTo: 'el instalador, según la norma',
  },
  filming: {
    what: 'Personas y matrículas en las fotos',
    care: 'Pedir consentimiento; difuminar antes de compartir.',
    deferTo: 'el cliente, según la ley de privacidad',
  },
  cold: {
    what: 'Hormigón o mortero con frío',
    care: 'Temperatura mínima, calor y cubierta.',
    deferTo: 'el suministrador y el ingeniero',
  },
  'wall-openings': {
    what: 'Hueco junto a otra vivienda',
    care: 'No abrirlo ni cerrarlo sin comprobar.',
    deferTo: 'el proyectista',
  },
  ladder: {
    what: 'Escalera en pendiente, nidos, perros',
    care: 'Dos personas, una vigila.',
    deferTo: 'el encargado de obra',
  },
  'ceiling-foot': {
    what: 'Trabajo encima de un techo',
    care: 'Tablas de paso sobre las viguetas.',
    deferTo: 'el encargado de obra',
  },
  'not-approval': {
    what: 'Esto no es una aprobación',
    care: 'Van primero la norma local, el ingeniero y quien tiene la licencia.',
    deferTo: 'quien tiene la autoridad',
  },
}
