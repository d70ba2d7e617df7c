<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

/** On a field of an edit: what a form asks there, in its words. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Question
{
    /**
     * @param string $asks the label of the field
     * @param string $yes what yes means, where the answer is yes or no
     * @param string $help where an answer is found, and who may look; empty where the label says it all
     */
    public function __construct(
        public string $asks,
        public string $yes = 'yes',
        public string $no = 'no',
        public string $help = '',
    ) {}

    /**
     * @param class-string<Edit> $edit
     */
    public static function of(string $edit, string $field): ?self
    {
        $property = new \ReflectionProperty($edit, $field);

        return ($property->getAttributes(self::class)[0] ?? null)?->newInstance();
    }
}
