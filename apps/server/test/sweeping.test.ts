import { Logger } from '@nestjs/common';
import { startApplication } from './application';

test('an application that is closed while it lets go what was deleted ends that first, and says nothing', async () => {
  const said = jest.spyOn(Logger.prototype, 'error').mockImplementation(() => undefined);
  const application = await startApplication();
  const query = jest.spyOn(application.dataSource, 'query');
  await application.close();
  expect(said).not.toHaveBeenCalled();
  expect(query).toHaveBeenCalled();
  said.mockRestore();
});
