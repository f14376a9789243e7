/// The first stop: what is watched and where, on which inputs, by whose rules, and what old wiring hides.
package io.answerback.desktop.survey;
