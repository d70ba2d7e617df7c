<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

/** The money that a shelf counts in. Inside, prices are euros. */
final readonly class Currency
{
    /**
     * @param string $sign that stands behind the number
     * @param float $perEuro how much of it goes for a euro
     */
    public function __construct(public string $sign = '€', public float $perEuro = 1.0)
    {
        if (1 !== preg_match('/^\\S{1,5}$/u', $sign) || 1 === preg_match('/[0-9.,<>&"]/', $sign)) {
            throw new \InvalidArgumentException('The sign of a currency has one to five letters, such as £ or SEK.');
        }
        if ($perEuro < 1e-3 || $perEuro > 1e6) {
            throw new \InvalidArgumentException('How much of it goes for a euro lies between 0.001 and 1000000.');
        }
    }

    /** “23.40 £”. */
    public function printed(float $euros): string
    {
        return number_format($euros * $this->perEuro, 2, '.', '') . ' ' . $this->sign;
    }
}
