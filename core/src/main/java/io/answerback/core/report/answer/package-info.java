/// How long it takes until somebody answers, whatever has failed; when the station notices silence; what polls
/// carry in a month.
package io.answerback.core.report.answer;
