/** Where the demo holding lies; made up. */
export const PLACE = { name: 'Hollin Bank', latitude: 54.1, longitude: -2.3 };
