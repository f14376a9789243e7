/// Whether a panel's profile says enough.
package io.answerback.profile;
