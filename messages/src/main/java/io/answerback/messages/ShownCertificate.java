package io.answerback.messages;

import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.cert.CertificateParsingException;
import java.security.cert.X509Certificate;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;

/// A certificate that a server showed and that is not trusted.
///
/// @param subject whom it names
/// @param fingerprint its SHA-256, as 64 hex digits
/// @param problems why it is not trusted, each in a few words
public record ShownCertificate(String subject, String fingerprint, List<String> problems) {
    private static final int NAMED_DNS = 2;
    private static final int NAMED_ADDRESS = 7;

    public ShownCertificate {
        problems = List.copyOf(problems);
    }

    /// What a server showed.
    ///
    /// @param host the name it was called by
    /// @param now the time at which it is judged
    public static ShownCertificate of(X509Certificate certificate, String host, Instant now) {
        List<String> problems = new ArrayList<>();
        Instant until = certificate.getNotAfter().toInstant();
        Instant from = certificate.getNotBefore().toInstant();
        if (now.isAfter(until)) {
            problems.add("it expired on " + until.atZone(ZoneOffset.UTC).toLocalDate());
        }
        if (now.isBefore(from)) {
            problems.add("it is valid only from " + from.atZone(ZoneOffset.UTC).toLocalDate());
        }
        if (!names(certificate, host)) {
            problems.add("it names " + name(certificate) + " and not " + host);
        }
        problems.add(
                certificate.getSubjectX500Principal().equals(certificate.getIssuerX500Principal())
                        ? "the server signed it itself"
                        : "nobody this computer knows signed it");
        return new ShownCertificate(name(certificate), fingerprint(certificate), problems);
    }

    /// The same, shown where another one was trusted: somebody may stand between, or the server has a new one.
    public ShownCertificate inPlaceOfTheTrustedOne() {
        List<String> all = new ArrayList<>(List.of("it is another one than the one that was trusted"));
        all.addAll(problems);
        return new ShownCertificate(subject, fingerprint, all);
    }

    /// The SHA-256 of a certificate, as 64 hex digits.
    public static String fingerprint(X509Certificate certificate) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded()));
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException("a certificate that was shown cannot be encoded", impossible);
        }
    }

    /// What is wrong with it, in one sentence.
    public String says() {
        return "The certificate of the server is not trusted: " + String.join("; ", problems) + ".";
    }

    private static String name(X509Certificate certificate) {
        String subject = certificate.getSubjectX500Principal().getName();
        return subject.startsWith("CN=") ? subject.substring("CN=".length()).split(",")[0] : subject;
    }

    private static boolean names(X509Certificate certificate, String host) {
        return alternatives(certificate).stream()
                .map(its -> its.toLowerCase(Locale.ROOT))
                .anyMatch(its -> its.equals(host.toLowerCase(Locale.ROOT))
                        || its.startsWith("*.")
                                && host.indexOf('.') > 0
                                && its.substring(1)
                                        .equals(host.substring(host.indexOf('.'))
                                                .toLowerCase(Locale.ROOT)));
    }

    private static List<String> alternatives(X509Certificate certificate) {
        try {
            Collection<List<?>> names = certificate.getSubjectAlternativeNames();
            return names == null
                    ? List.of()
                    : names.stream()
                            .filter(name -> name.getFirst().equals(NAMED_DNS)
                                    || name.getFirst().equals(NAMED_ADDRESS))
                            .map(name -> name.get(1).toString())
                            .toList();
        } catch (CertificateParsingException unreadable) {
            return List.of();
        }
    }
}
