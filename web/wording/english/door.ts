/** What the pages of this room say, part by part. */
export const door = {
  doorPage: {
    promptSpark: 'Prompt Spark',
    writeAWarmUp:
      'Write a warm-up as you would on the board. See what it really takes. Run it on the wall, and keep what happened.',
    waysIn: 'Ways in',
    enterTheDemoStudio: 'Enter the demo studio',
    ternStreetHall:
      'Tern Street Hall in Saltmere: an invented studio with circuits, sessions and a log to try. You get a copy of your own, deleted after a day.',
  },
  doorPicture: {
    ofWhichIsGetting: (hidden: string) => `of which ${hidden} is getting there, changing sides and rest`,
  },
  openStudioForm: {
    openAStudio: 'Open a studio',
    studioName: 'Studio name',
    yourName: 'Your name',
    eMail: 'E-mail',
    passwordAtLeast10: 'Password: at least 10 characters',
    openIt: 'Open it',
    backToSigning: 'Back to signing in',
  },
  passwordDialog: {
    yourPasswordOnceMore: 'Your password once more',
    youAreAbout: 'You are about to export or delete health data. Type your password to show it is you.',
    password: 'Password',
    continue: 'Continue',
    cancel: 'Cancel',
  },
  signInForm: {
    signInToYourStudio: 'Sign in to your studio',
    eMail: 'E-mail',
    password: 'Password',
    signIn: 'Sign in',
    openAStudio: 'Open a studio',
  },
  signedOutDialog: {
    signedOut: 'Signed out',
    youWereSignedOut: 'You were signed out.',
    signInToCarry: 'Sign in to carry on where you were. Nothing on this page is lost.',
    enterTheDemoStudio: 'Enter the demo studio again',
    goToSign: 'Go to sign-in',
  },
};
