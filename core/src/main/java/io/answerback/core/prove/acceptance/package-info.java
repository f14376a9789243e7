/// What has to be shown before a site is handed over, in which order, and what a signal that arrives shows.
package io.answerback.core.prove.acceptance;
