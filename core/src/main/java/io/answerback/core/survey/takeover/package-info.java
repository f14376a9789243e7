/// Old wiring that is taken over: what several contacts on one zone hide, and what was found at its loops.
package io.answerback.core.survey.takeover;
