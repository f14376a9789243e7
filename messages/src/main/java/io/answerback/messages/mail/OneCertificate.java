package io.answerback.messages.mail;

import java.net.Socket;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateException;
import java.security.cert.X509Certificate;
import java.util.Arrays;
import java.util.Optional;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.TrustManager;
import javax.net.ssl.TrustManagerFactory;
import javax.net.ssl.X509ExtendedTrustManager;

/// Trusts what this computer trusts, or one certificate that somebody chose; keeps what a server showed, so that
/// a refusal can be explained.
final class OneCertificate extends X509ExtendedTrustManager {
    private final String fingerprint;
    private final X509ExtendedTrustManager usual;
    private volatile X509Certificate shown;

    /// @param fingerprint SHA-256 of the one certificate that is trusted; empty for those this computer trusts
    OneCertificate(String fingerprint) throws GeneralSecurityException {
        this.fingerprint = fingerprint;
        TrustManagerFactory factory = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        factory.init((KeyStore) null);
        this.usual = Arrays.stream(factory.getTrustManagers())
                .filter(X509ExtendedTrustManager.class::isInstance)
                .map(X509ExtendedTrustManager.class::cast)
                .findFirst()
                .orElseThrow(() -> new GeneralSecurityException("this Java trusts no certificates"));
    }

    /// What the server showed; empty where it showed nothing.
    Optional<X509Certificate> shown() {
        return Optional.ofNullable(shown);
    }

    /// A context that trusts so.
    SSLContext context() throws GeneralSecurityException {
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, new TrustManager[] {this}, null);
        return context;
    }

    private boolean chosen(X509Certificate[] chain) throws CertificateException {
        shown = chain[0];
        if (fingerprint.isEmpty()) {
            return false;
        }
        if (!io.answerback.messages.ShownCertificate.fingerprint(chain[0]).equals(fingerprint)) {
            throw new CertificateException("the server shows another certificate than the one that is trusted");
        }
        return true;
    }

    @Override
    public void checkServerTrusted(X509Certificate[] chain, String type, Socket socket) throws CertificateException {
        if (!chosen(chain)) {
            usual.checkServerTrusted(chain, type, socket);
        }
    }

    @Override
    public void checkServerTrusted(X509Certificate[] chain, String type, SSLEngine engine) throws CertificateException {
        if (!chosen(chain)) {
            usual.checkServerTrusted(chain, type, engine);
        }
    }

    @Override
    public void checkServerTrusted(X509Certificate[] chain, String type) throws CertificateException {
        if (!chosen(chain)) {
            usual.checkServerTrusted(chain, type);
        }
    }

    @Override
    public void checkClientTrusted(X509Certificate[] chain, String type, Socket socket) throws CertificateException {
        usual.checkClientTrusted(chain, type, socket);
    }

    @Override
    public void checkClientTrusted(X509Certificate[] chain, String type, SSLEngine engine) throws CertificateException {
        usual.checkClientTrusted(chain, type, engine);
    }

    @Override
    public void checkClientTrusted(X509Certificate[] chain, String type) throws CertificateException {
        usual.checkClientTrusted(chain, type);
    }

    @Override
    public X509Certificate[] getAcceptedIssuers() {
        return usual.getAcceptedIssuers();
    }
}
