/// Who is notified of an event, and who is tried in whose place.
package io.answerback.core.report.routing;
