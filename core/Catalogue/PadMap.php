<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Record\ListOf;

/** The terminals of a part in their true order, each with the number of its pad or what is printed at it, and where that is known from. */
final readonly class PadMap
{
    private const FORM = '/^[A-Za-z0-9+-]{1,8} [A-Za-z0-9+-]{1,8}$/';

    /**
     * @param list<string> $pads number of the pad and what it is: “1 E”, “11 COM”; several pads can be one terminal
     */
    public function __construct(
        #[ListOf('string')]
        public array $pads,
        public Basis $basis,
        public string $source,
    ) {
        $numbers = array_map(static fn(array $pad): string => $pad[0], $this->both());
        foreach ($pads as $pad) {
            if (1 !== preg_match(self::FORM, $pad)) {
                throw new \InvalidArgumentException(sprintf(
                    '“%s” is no pad. Write its number and its terminal with a blank between, such as “1 E”.',
                    mb_substr($pad, 0, 30),
                ));
            }
        }
        if ([] === $pads || count($numbers) !== count(array_unique($numbers))) {
            throw new \InvalidArgumentException('A part has at least one pad, and each number once.');
        }
    }

    /**
     * @return list<array{string, string}> number and terminal
     */
    public function both(): array
    {
        return array_map(static function (string $pad): array {
            [$number, $terminal] = [...explode(' ', $pad, 2), ''];

            return [$number, $terminal];
        }, $this->pads);
    }
}
