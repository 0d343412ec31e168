public class Harbour
{
	static final int BERTHS = 6;
	static int[] lengths = { 40, 55, 30, 80, 60, 25 };
	static String[] ships = new String[BERTHS];

	static int findBerth(int length)
	{
		int best = -1;
		for (int i = 0; i < BERTHS; i++)
		{
			if (ships[i] == null && lengths[i] >= length)
			{
				if (best == -1 || lengths[i] < lengths[best])
				{
					best = i;
				}
			}
		}
		return best;
	}

	static boolean dock(String name, int length)
	{
		int berth = findBerth(length);
		if (berth < 0)
		{
			System.out.println("No berth for " + name);
			return false;
		}
		ships[berth] = name;
		return true;
	}

	static void leave(String name)
	{
		for (int i = 0; i < ships.length; i++)
		{
			if (name.equals(ships[i]))
			{
				ships[i] = null;
				System.out.println(name + " leaves berth " + (i + 1));
				return;
			}
		}
	}

	static int free()
	{
		int count = 0;
		int i = 0;
		while (i < BERTHS)
		{
			if (ships[i] == null)
				count++;
			i++;
		}
		return count;
	}

	public static void main(String[] args)
	{
		dock("Tern", 38);
		dock("Gannet", 70);
		dock("Petrel", 90);
		leave("Tern");
		char grade = free() > 3 ? 'A' : 'B';
		System.out.println("Free berths: " + free() + ", grade " + grade);
		int sum = 0;
		for (int length : lengths)
		{
			sum += length;
		}
		double mean = (double) sum / BERTHS;
		System.out.println("Mean length: " + mean);
	}
}
