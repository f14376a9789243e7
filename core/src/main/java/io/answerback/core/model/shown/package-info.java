/// What was shown before a site is handed over, and whether the account is on test.
package io.answerback.core.model.shown;
