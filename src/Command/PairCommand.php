<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Entity\May;
use IronLatch\Phone\Certificate;
use IronLatch\Phone\Devices;
use IronLatch\Phone\LargeType;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('latch:pair', 'Makes a code by which one device is let in, and prints it in large type.')]
final class PairCommand extends Command
{
    public function __construct(private readonly Devices $devices)
    {
        parent::__construct();
    }

    /**
     * @return list<string> the address in large type, where it is made of digits
     */
    private static function large(string $address): array
    {
        if (1 !== preg_match('~^https?://([\d.]{7,15})(:\d{1,5})?$~D', $address, $found)) {
            return [];
        }

        return [...LargeType::lines($found[1]), '', ...LargeType::lines($found[2] ?? ''), ''];
    }

    protected function configure(): void
    {
        $this
            ->addArgument('address', InputArgument::REQUIRED, 'where phones are let in, such as http://192.168.1.5:8042')
            ->addOption('may', null, InputOption::VALUE_REQUIRED, 'what the device may do', May::Bench->value)
            ->addOption('certificate', null, InputOption::VALUE_REQUIRED, 'the certificate of that address');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $address = $input->getArgument('address');
        $said = $input->getOption('may');
        $may = May::tryFrom(is_string($said) ? $said : '');
        if (null === $may) {
            $output->writeln(sprintf('A device may: %s.', implode('; ', array_column(May::cases(), 'value'))));

            return Command::FAILURE;
        }
        $code = $this->devices->newCode($may);
        $certificate = $input->getOption('certificate');
        $print = is_string($certificate) ? Certificate::fingerprint($certificate) : null;
        $lines = [
            sprintf('On the phone, open  %s', is_string($address) ? $address : ''),
            '',
            ...self::large(is_string($address) ? $address : ''),
            'and type:',
            '',
            ...LargeType::lines(substr($code, 0, 4) . ' ' . substr($code, 4)),
            '',
            sprintf('The code holds for five minutes and one device, which may: %s. Another one: the desk, under Phone.', $may->value),
            null === $print
                ? 'What goes over the network is not encrypted: do this only in a network that is yours (docs/phone.md).'
                : 'Fingerprint of its certificate (SHA-256): ' . $print,
        ];
        foreach ($lines as $line) {
            $output->writeln($line, OutputInterface::OUTPUT_RAW);
        }

        return Command::SUCCESS;
    }
}
