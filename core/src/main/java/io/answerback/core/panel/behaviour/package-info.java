/// What zones do and what happens on the way in, asked of the panel as it is programmed.
package io.answerback.core.panel.behaviour;
