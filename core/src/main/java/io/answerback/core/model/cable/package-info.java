/// Cables as they are on site: their type, their two ends, how they are laid, and what was found of them.
package io.answerback.core.model.cable;
