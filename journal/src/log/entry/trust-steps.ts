/** A screen of a phone's settings, as far as it helps to find one's way: its title, its rows, and the row that is meant. */
export interface SettingsScreen {
  readonly title: string;
  readonly rows: readonly string[];
  readonly marked: number;
}

/** One step of teaching a device to trust the machine of the book. */
export interface TrustStep {
  readonly say: string;
  readonly screen?: SettingsScreen;
  /** The step at which both screens are compared. */
  readonly compare?: true;
}

/** How one kind of device is taught. */
export interface TrustSteps {
  readonly device: string;
  readonly steps: readonly TrustStep[];
}

const ROW_OF_DIGITS = '69 FA AC 6C 1E 67 …';
const SHA = 'SHA-256 fingerprint';

/**
 * Step by step, for the page that hands out the certificate and for the server's own screen, which alone can be believed: the
 * digits on it are compared with those that the device itself shows of the certificate, never with a page.
 */
export const TRUST_STEPS: readonly TrustSteps[] = [
  {
    device: 'Android',
    steps: [
      {
        say: 'Open the settings of the phone and search them for “CA certificate”. Choose “Install anyway”, then the file dagboek.crt.',
        screen: {
          title: 'Install a certificate',
          rows: ['CA certificate', 'User certificate', 'Wi-Fi certificate'],
          marked: 0,
        },
      },
      {
        say: 'Search the settings for “trusted credentials”. Choose “User”, then “Dagboek”.',
        screen: { title: 'Trusted credentials', rows: ['System', 'User', 'Dagboek on …'], marked: 2 },
      },
      {
        say: 'Scroll to the SHA-256 fingerprint. Compare it with the server’s screen, pair by pair. If one pair differs, choose “Remove” at once and stop: someone is in between.',
        screen: { title: 'Security certificate', rows: ['Issued to: Dagboek on …', SHA, ROW_OF_DIGITS], marked: 2 },
        compare: true,
      },
    ],
  },
  {
    device: 'iPhone or iPad',
    steps: [
      {
        say: 'Open the settings: “Profile downloaded” is at the top. Open it, but do not install it yet.',
        screen: { title: 'Settings', rows: ['Profile downloaded', 'Flight mode', 'Wi-Fi'], marked: 0 },
      },
      {
        say: 'Choose “More details”, then the certificate, and scroll to the SHA-256 fingerprint at the end. Compare it with the server’s screen, pair by pair. If one pair differs, choose “Remove profile” and stop: someone is in between.',
        screen: { title: 'Dagboek on …', rows: ['Not valid after …', 'SHA-256', ROW_OF_DIGITS], marked: 2 },
        compare: true,
      },
      {
        say: 'Every pair is the same: go back and choose “Install”.',
        screen: { title: 'Install profile', rows: ['Cancel', 'Install'], marked: 1 },
      },
      {
        say: 'Settings, “General”, “About”, “Certificate trust settings”: switch “Dagboek” on. Without this step the book does not open.',
        screen: { title: 'Certificate trust settings', rows: ['Dagboek on …    on'], marked: 0 },
      },
    ],
  },
  {
    device: 'Another computer',
    steps: [
      {
        say: 'Open the settings of the browser, search them for “certificates”, and import dagboek.crt as an authority, for websites only.',
      },
      {
        say: 'Open it there and look for the SHA-256 fingerprint. Compare it with the server’s screen, pair by pair. If one pair differs, delete the certificate and stop: someone is in between.',
        compare: true,
      },
    ],
  },
];
