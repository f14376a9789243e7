/// What every computation stands on: facts, findings, edits, words and dates.
package io.answerback.core.engine;
