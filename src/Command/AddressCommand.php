<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Phone\PrivateAddresses;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('latch:address', 'Chooses the private address of this machine on which phones are let in, and prints it.')]
final class AddressCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('address', InputArgument::OPTIONAL, 'a private address of this machine; asked for where it is left out', '');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        // What is printed is the address alone: everything else is said beside it.
        $beside = new SymfonyStyle($input, $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output);
        $here = PrivateAddresses::here();
        $said = $input->getArgument('address');
        $wanted = is_string($said) ? $said : '';
        if ([] === $here) {
            $beside->writeln('This machine has no private address: it is in no network of its own, so no phone can reach it.');

            return Command::FAILURE;
        }
        if ('' === $wanted) {
            $beside->writeln('Whoever is in the network of this address can reach the desk, and needs a code to get in:');
            $chosen = $beside->choice('On which address shall phones be let in?', $here, array_key_first($here));
            $wanted = is_string($chosen) ? $chosen : '';
            if (!$beside->confirm(sprintf('Open %s to the network?', $wanted), false)) {
                return Command::FAILURE;
            }
        }
        if (!isset($here[$wanted])) {
            $beside->writeln(sprintf(
                '%s is no private address of this machine%s. Choose one of: %s.',
                $wanted,
                PrivateAddresses::isPrivate($wanted) ? '' : ', and what the world can reach is never opened',
                implode(', ', array_keys($here)),
            ));

            return Command::FAILURE;
        }
        $output->writeln($wanted, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
