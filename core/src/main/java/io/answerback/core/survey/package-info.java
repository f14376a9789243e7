/// From nothing to a complete list of points: what a plain line means, and what surveyors forget.
package io.answerback.core.survey;
