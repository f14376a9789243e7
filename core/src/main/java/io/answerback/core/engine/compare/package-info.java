/// How two states of one job differ, part by part.
package io.answerback.core.engine.compare;
