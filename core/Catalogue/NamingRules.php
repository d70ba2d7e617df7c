<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Record\ListOf;

/** What a name must be on a channel. */
final readonly class NamingRules
{
    /**
     * @param int $most characters
     * @param string $blank what stands for a blank; a blank itself where blanks are allowed
     * @param string $signs what a name may hold beside letters and digits
     * @param bool $plainLetters only the letters of ASCII
     * @param list<string> $reserved words that a name may not be, in small letters
     */
    public function __construct(
        public int $most = 60,
        public string $blank = '-',
        public LetterCase $case = LetterCase::Any,
        public string $signs = '-_',
        public bool $plainLetters = true,
        public bool $startsWithLetter = false,
        #[ListOf('string')]
        public array $reserved = [],
    ) {
        if ($most < 4 || $most > 200) {
            throw new \InvalidArgumentException('A name on a channel has between 4 and 200 characters at most.');
        }
    }
}
