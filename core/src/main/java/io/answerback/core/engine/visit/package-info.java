/// When the site is to be visited next.
package io.answerback.core.engine.visit;
