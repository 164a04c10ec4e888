/** Where others on the network can reach this machine. */
import { expect, jest, test } from '@jest/globals';

const networks = jest.fn<() => object>();
const name = jest.fn(() => 'Boat-Shed');
jest.unstable_mockModule('node:os', () => ({ networkInterfaces: networks, hostname: name }));
const { addressesHere, listed, namesHere } = await import('./addresses');

const at = (address: string, more: object = {}) => ({
  family: 'IPv4',
  internal: false,
  address,
  ...more,
});

test('wireless first, then wires; what programs make for themselves, and no real address, last', () => {
  networks.mockReturnValue({
    lo: [at('127.0.0.1', { internal: true })],
    docker0: [at('172.17.0.1')],
    eth0: [at('10.0.0.5'), at('fe80::1', { family: 'IPv6' })],
    eth1: [at('169.254.3.4')],
    wlan0: [at('192.168.4.20')],
  });
  expect(addressesHere()).toEqual(['192.168.4.20', '10.0.0.5', '172.17.0.1', '169.254.3.4']);
});

test('a machine on no network, or one that does not tell, has none', () => {
  networks.mockReturnValue({ lo: [at('127.0.0.1', { internal: true })] });
  expect(addressesHere()).toEqual([]);
  networks.mockImplementation(() => {
    throw new Error('ENOSYS');
  });
  expect(addressesHere()).toEqual([]);
});

test('it is known by its name, in small letters, and by the one that networks make of it', () => {
  expect(namesHere()).toEqual(['boat-shed', 'boat-shed.local']);
  name.mockReturnValue('shed.example');
  expect(namesHere()).toEqual(['shed.example']);
});

test('what is named by hand is parted by commas; nothing is nothing', () => {
  expect(listed(' 127.0.0.2, Stage.Test ,,')).toEqual(['127.0.0.2', 'stage.test']);
  for (const text of [undefined, '', ' , ']) expect(listed(text)).toBeNull();
});
