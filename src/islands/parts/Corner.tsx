// The corner of the page where short messages stand.
import { Notifications } from '@mantine/notifications';

export const Corner = () => <Notifications position="bottom-right" autoClose={6000} />;
