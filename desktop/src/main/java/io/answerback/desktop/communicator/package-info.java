/// The communicator as a box, the mails and texts it sends to people, and the phones it is worked from.
package io.answerback.desktop.communicator;
