/// Visits to a site: what for, what was done and used, what was left out; who was shown how and what they were given.
package io.answerback.core.model.service;
