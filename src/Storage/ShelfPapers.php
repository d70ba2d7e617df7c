<?php

declare(strict_types=1);

namespace IronLatch\Storage;

use Doctrine\ORM\EntityManagerInterface;
use IronLatch\Core\Build\Currency;
use IronLatch\Core\Build\Drawer;
use IronLatch\Core\Build\PriceList;
use IronLatch\Core\Exchange\Csv;
use IronLatch\Entity\ShelfPaper;
use Psr\Clock\ClockInterface;

/** Price list, drawer and currency of this shelf. What cannot be read any more counts as not there, and stays as it was written. */
final class ShelfPapers
{
    public const PRICES = 'prices';
    public const DRAWER = 'drawer';
    public const CURRENCY = 'currency';
    public const GREATEST_BYTES = 500_000;

    private ?PriceList $prices = null;
    private ?Currency $currency = null;

    public function __construct(private readonly EntityManagerInterface $entities, private readonly ClockInterface $clock) {}

    public function prices(): PriceList
    {
        if (null === $this->prices) {
            try {
                $text = $this->text(self::PRICES);
                $this->prices = '' === $text ? new PriceList() : PriceList::of(Csv::read($text), $this->currency()->perEuro);
            } catch (\InvalidArgumentException) {
                $this->prices = new PriceList();
            }
        }

        return $this->prices;
    }

    public function drawer(): Drawer
    {
        try {
            return Drawer::of(Csv::read($this->text(self::DRAWER)));
        } catch (\InvalidArgumentException) {
            return new Drawer();
        }
    }

    public function currency(): Currency
    {
        if (null === $this->currency) {
            [$sign, $rate] = [...explode(' ', $this->text(self::CURRENCY), 2), ''];
            try {
                $this->currency = '' === $sign ? new Currency() : new Currency($sign, (float) $rate);
            } catch (\InvalidArgumentException) {
                $this->currency = new Currency();
            }
        }

        return $this->currency;
    }

    public function text(string $name): string
    {
        return $this->entities->find(ShelfPaper::class, $name)?->text() ?? '';
    }

    /**
     * Writes a paper anew, once it was read; an empty one is thrown away.
     *
     * @throws \InvalidArgumentException with what is wrong and where
     */
    public function keep(string $name, string $text): void
    {
        if (strlen($text) > self::GREATEST_BYTES) {
            throw new \InvalidArgumentException(
                sprintf('This has more than %d kB. Divide it, or take out what is not needed.', self::GREATEST_BYTES / 1000),
            );
        }
        match (true) {
            '' === trim($text) => null,
            self::PRICES === $name => PriceList::of(Csv::read($text), $this->currency()->perEuro),
            self::DRAWER === $name => Drawer::of(Csv::read($text)),
            default => null,
        };
        $this->entities->wrapInTransaction(function () use ($name, $text): void {
            $paper = $this->entities->find(ShelfPaper::class, $name);
            if ('' === trim($text)) {
                if (null !== $paper) {
                    $this->entities->remove($paper);
                }
            } elseif (null === $paper) {
                $this->entities->persist(new ShelfPaper($name, $text, $this->clock->now()));
            } else {
                $paper->write($text, $this->clock->now());
            }
        });
        $this->prices = null;
        $this->currency = null;
    }

    /** @throws \InvalidArgumentException when the sign or the rate cannot be */
    public function countIn(Currency $currency): void
    {
        $this->keep(self::CURRENCY, sprintf('%s %s', $currency->sign, $currency->perEuro));
    }
}
