<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

/** What a secret of a hop is called in the file that each copy fills in. */
final class SecretName
{
    /** Of the house and not of one hop, whatever hop asks for it. */
    private const OF_THE_HOUSE = 'NETWORK_';

    public static function of(string $channel, string $secret): string
    {
        return str_starts_with($secret, self::OF_THE_HOUSE) ? $secret : ControlMap::identifier($channel) . '_' . $secret;
    }
}
