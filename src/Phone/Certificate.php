<?php

declare(strict_types=1);

namespace IronLatch\Phone;

/** The certificate of the door for phones, by which whoever pairs a phone sees that it speaks with this desk and nobody between. */
final class Certificate
{
    /** SHA-256 in pairs of digits, as browsers show it; null where there is no certificate that can be read. */
    public static function fingerprint(string $path): ?string
    {
        $text = is_file($path) ? @file_get_contents($path) : false;
        $print = false === $text ? false : @openssl_x509_fingerprint($text, 'sha256');

        return false === $print ? null : strtoupper(implode(':', str_split($print, 2)));
    }
}
